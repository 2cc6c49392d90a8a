import { hashPassword } from '../../auth/passwords';
import { refuseWeak } from '../../auth/weak-passwords';
import type { Handler } from '../../http/handler';
import { AppError } from '../../shared/errors';
import { firstKit } from '../../studio/first-kit';
import { enter } from './enter';

const alreadySetUp = () => new AppError('already-set-up', 'This server has its first trainer. Sign in instead.');

export const createFirstTrainer: Handler<'createFirstTrainer'> = async ({ body, cookie, device }, context) => {
  // Before the costly hash: on a server that is set up nobody gets that far.
  if (await context.db.across.hasStudio()) throw alreadySetUp();
  await refuseWeak(body.password, [body.loginName, body.trainerName], 'body.password');
  const passwordHash = await hashPassword(body.password);
  const studioId = context.newId();
  const createdAt = context.clock.now().toISOString();
  const trainer = {
    id: context.newId(),
    name: body.trainerName,
    loginName: body.loginName,
    passwordHash,
    role: 'owner' as const,
    removedAt: null,
    createdAt,
  };
  await context.db.write(studioId, async (scope) => {
    // Counted inside the write, so two first runs at once can't both win.
    if (!(await scope.isFirstStudio())) throw alreadySetUp();
    const { studioName: name, unit, timeZone } = body;
    await scope.saveStudio({ version: 1, name, unit, timeZone, createdAt });
    await scope.insert('trainers', trainer);
    await scope.insert('kits', firstKit(context.newId(), 'Studio', 'studio', unit));
  });
  return enter(context, { ...trainer, studioId }, cookie, { name: device, isKept: true });
};
