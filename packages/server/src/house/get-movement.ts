import { toMovement } from '../db/mappers/rows';
import type { Operation } from '../shared/work';
import { findMovement, revisionsOf } from '../studio/movements';

export const getMovement: Operation<'getMovement'> = async ({ scope }, { params }) => {
  await findMovement(scope, params.movementId);
  return { revisions: (await revisionsOf(scope, params.movementId)).map(toMovement) };
};
