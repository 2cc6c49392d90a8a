import { readStudio } from '../house/read-studio';
import type { Operation } from '../shared/work';
import { findTrainer, refuseLastOwner } from './find-trainer';

export const setTrainerRole: Operation<'setTrainerRole'> = async ({ scope, context }, { params, body }) => {
  const trainer = await findTrainer(scope, params.trainerId);
  if (body.role !== 'owner') await refuseLastOwner(scope, trainer);
  await scope.update('trainers', { role: body.role }, { id: trainer.id });
  scope.afterwards(() => context.knownSignIns.forgetAll());
  return readStudio(scope);
};
