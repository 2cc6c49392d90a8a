import { hashPassword, isRightPassword } from '../../auth/passwords';
import { refuseWeak } from '../../auth/weak-passwords';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { enter } from './enter';

export const changePassword: Handler<'changePassword'> = async ({ body, caller, cookie, device }, context) => {
  const trainer = await context.db.read(caller.studioId).one('trainers', { id: caller.trainerId });
  if (!trainer || !(await isRightPassword(trainer.passwordHash, body.current))) {
    throw new AppError('wrong-password', 'That is not your current password.', [
      { path: 'body.current', message: 'is not right' },
    ]);
  }
  await refuseWeak(body.next, [trainer.loginName, trainer.name], 'body.next');
  const passwordHash = await hashPassword(body.next);
  await context.db.write(caller.studioId, async (scope) => {
    await scope.update('trainers', { passwordHash }, { id: trainer.id });
    // Whoever signed in with the old one has to sign in again.
    await scope.remove('signIns', { trainerId: trainer.id });
  });
  context.knownSignIns.forgetAll();
  return enter(context, trainer, cookie, { name: device, isKept: true });
};
