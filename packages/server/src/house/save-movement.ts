import { toMovement } from '../db/mappers/rows';
import type { MovementRow } from '../db/models';
import { AppError } from '../shared/errors';
import { checkVersion } from '../shared/find';
import type { Operation } from '../shared/work';
import { refuseMisfit } from '../studio/movements';

export const saveMovement: Operation<'saveMovement'> = async ({ scope, context }, { params, body }) => {
  const { command: _, version, ...fields } = body;
  const id = params.movementId;
  const newest = await scope.one('currentMovements', { id });
  if (!newest && version !== 0) throw new AppError('not-found', 'There is no movement with this id here.');
  checkVersion(newest?.revision ?? 0, version, 'movement');
  const retired = newest?.retired ?? false;
  await refuseMisfit(scope, context, { id, revision: version + 1, retired, ...fields });
  const row: MovementRow = {
    studioId: scope.studioId,
    id,
    revision: version + 1,
    retired,
    fields,
    savedAt: context.clock.now().toISOString(),
  };
  await scope.insert('movements', row);
  return toMovement(row);
};
