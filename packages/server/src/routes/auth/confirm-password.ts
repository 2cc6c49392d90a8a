import { isRightPassword } from '../../auth/passwords';
import { confirmedUntil } from '../../auth/sign-ins';
import type { Handler } from '../../http/handler';
import { AppError } from '../../shared/errors';

export const confirmPassword: Handler<'confirmPassword'> = async ({ body, caller }, context) => {
  const trainer = await context.db.read(caller.studioId).one('trainers', { id: caller.trainerId });
  if (!trainer || !(await isRightPassword(trainer.passwordHash, body.password))) {
    throw new AppError('wrong-password', 'That is not your password.', [{ path: 'body.password', message: 'is not right' }]);
  }
  const confirmedAt = context.clock.now().toISOString();
  await context.db.write(caller.studioId, (scope) => scope.update('signIns', { confirmedAt }, { id: caller.signInId }));
  return { until: confirmedUntil(confirmedAt) };
};
