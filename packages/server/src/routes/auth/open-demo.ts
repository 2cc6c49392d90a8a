import type { Handler } from '../../http/handler';
import { AppError } from '../../shared/errors';
import { enter } from './enter';

export const openDemo: Handler<'openDemo'> = async ({ cookie, device }, context) => {
  if (!context.demo) throw new AppError('not-a-demo', 'This server has no demo studio.');
  const trainer = await context.db.across.firstTrainer();
  if (!trainer) throw new Error('the demo studio has no trainer');
  return enter(context, trainer, cookie, { name: device, isKept: true });
};
