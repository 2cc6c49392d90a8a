import { isRightPassword } from '../../auth/passwords';
import type { Handler } from '../../http/handler';
import { AppError } from '../../shared/errors';
import { enter } from './enter';

export const signIn: Handler<'signIn'> = async ({ body, cookie, device }, context) => {
  const { loginName, password } = body;
  const trainer = await context.db.across.trainerByLogin(loginName);
  const isRight = await isRightPassword(trainer?.passwordHash ?? null, password);
  if (!trainer || !isRight) throw new AppError('wrong-password', 'That name and password do not fit together.');
  return enter(context, trainer, cookie, { name: device, isKept: body.isKept ?? true });
};
