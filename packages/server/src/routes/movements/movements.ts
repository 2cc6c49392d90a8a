import { toMovement } from '../../db/mappers/rows';
import type { MovementRow } from '../../db/models';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { checkVersion } from '../../shared/find';
import { currentMovements, findMovement, refuseMisfit, revisionsOf } from '../../studio/movements';
import { runCommand } from '../../shared/run-command';

export const listMovements: Handler<'listMovements'> = ({ caller }, context) =>
  currentMovements(context.db.read(caller.studioId));

export const getMovement: Handler<'getMovement'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  await findMovement(scope, params.movementId);
  return { revisions: (await revisionsOf(scope, params.movementId)).map(toMovement) };
};

export const saveMovement: Handler<'saveMovement'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveMovement', params, body }, async (scope) => {
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
  });

export const setMovementRetired: Handler<'setMovementRetired'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'setMovementRetired', params, body }, async (scope) => {
    const newest = await findMovement(scope, params.movementId);
    if (newest.retired === body.retired) return toMovement(newest);
    const savedAt = context.clock.now().toISOString();
    const row = { ...newest, revision: newest.revision + 1, retired: body.retired, savedAt };
    await scope.insert('movements', row);
    return toMovement(row);
  });
