import { readStudio } from '../house/read-studio';
import type { Operation } from '../shared/work';
import { findTrainer, refuseLastOwner } from './find-trainer';

/**
 * A trainer leaves: signed out everywhere, with no password and no codes. The row stays, since what was written and decided
 * stands under the name; the name signed in with is free for somebody else.
 */
export const removeTrainer: Operation<'removeTrainer'> = async ({ scope, context }, { params }) => {
  const trainer = await findTrainer(scope, params.trainerId);
  await refuseLastOwner(scope, trainer);
  const left = {
    removedAt: context.clock.now().toISOString(),
    passwordHash: null,
    role: 'trainer' as const,
    loginName: `left:${trainer.id}`.slice(0, 120),
  };
  await scope.update('trainers', left, { id: trainer.id });
  await scope.remove('signIns', { trainerId: trainer.id });
  await scope.remove('invites', { trainerId: trainer.id });
  scope.afterwards(() => context.knownSignIns.forgetAll());
  return readStudio(scope);
};
