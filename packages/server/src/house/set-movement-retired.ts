import { toMovement } from '../db/mappers/rows';
import type { Operation } from '../shared/work';
import { findMovement } from '../studio/movements';

export const setMovementRetired: Operation<'setMovementRetired'> = async ({ scope, context }, { params, body }) => {
  const newest = await findMovement(scope, params.movementId);
  if (newest.retired === body.retired) return toMovement(newest);
  const savedAt = context.clock.now().toISOString();
  const row = { ...newest, revision: newest.revision + 1, retired: body.retired, savedAt };
  await scope.insert('movements', row);
  return toMovement(row);
};
