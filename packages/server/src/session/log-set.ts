import { externalKgOf } from '@drubo/core';
import { toSetRecord } from '../db/mappers/rows';
import { findSetContext } from './find-set-context';
import { AppError } from '../shared/errors';
import type { Operation } from '../shared/work';

/**
 * Logs a set or amends it. A set that arrives late, from a phone that was offline while another finished the session,
 * is taken: only a discarded session refuses.
 */
export const logSet: Operation<'logSet'> = async ({ scope, context }, { params, body }) => {
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
};
