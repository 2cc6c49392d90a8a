import { toSetRecord } from '../../db/mappers/rows';
import { AppError } from '../../errors';
import type { Handler } from '../../http/handler';
import { externalKgOf } from '../../services/derive-load';
import { findItem, findPerson, findSession } from '../../services/find';
import { runCommand } from '../../services/run-command';

/**
 * Logs a set or amends it. A set that arrives late, from a phone that was offline while another finished the session,
 * is taken: only a discarded session refuses.
 */
export const logSet: Handler<'logSet'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'logSet', params, body }, async (scope) => {
    const { command, ...fields } = body;
    const session = await findSession(scope, params.sessionId);
    if (session.state === 'discarded') throw new AppError('session-not-live', 'This session was discarded.');
    await findItem(scope, session.sheetId, fields.itemId);
    const [before] = await scope.all('setRevisions', { id: params.setId }, { order: [['revision', 'DESC']], limit: 1 });
    if (before && before.sessionId !== session.id) {
      throw new AppError('invalid-input', 'This set belongs to another session.', [
        { path: 'params.setId', message: 'is used in another session' },
      ]);
    }
    const row = {
      id: params.setId,
      sessionId: session.id,
      ...fields,
      externalKg: externalKgOf(fields.implements),
      bodyMassKg: before ? before.bodyMassKg : (await findPerson(scope, session.personId)).massKg,
      deviceId: command.deviceId,
      deviceSeq: command.deviceSeq,
      receivedAt: context.clock.now().toISOString(),
      revision: (before?.revision ?? 0) + 1,
    };
    await scope.insert('setRevisions', row);
    return toSetRecord({ ...row, studioId: scope.studioId });
  });
