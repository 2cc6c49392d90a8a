import { externalKgOf } from '@drubo/core';
import { toSetRecord } from '../../db/mappers/rows';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { findSetContext } from '../../session/find-set-context';
import { runCommand } from '../../shared/run-command';

/**
 * Logs a set or amends it. A set that arrives late, from a phone that was offline while another finished the session,
 * is taken: only a discarded session refuses.
 */
export const logSet: Handler<'logSet'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'logSet', params, body }, async (scope) => {
    const { command, ...fields } = body;
    const { session, before, massKg } = await findSetContext(scope, params, fields.itemId);
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
      bodyMassKg: before ? before.bodyMassKg : massKg,
      deviceId: command.deviceId,
      deviceSeq: command.deviceSeq,
      receivedAt: context.clock.now().toISOString(),
      revision: (before?.revision ?? 0) + 1,
    };
    await scope.insert('setRevisions', row);
    return toSetRecord({ ...row, studioId: scope.studioId });
  });
