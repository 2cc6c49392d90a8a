import { findVariation } from '@drubo/core/catalogue';
import { toSessionRecord } from '../db/mappers/rows';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { broughtIn } from './brought-in';
import { AppError } from '../shared/errors';
import { findSession } from '../shared/find';
import type { Operation } from '../shared/work';
import { checkDose } from '../sheet/check-dose';
import { catalogueOf } from '../studio/movements';

/**
 * Keeps something about a session beside its sets. What arrives late, from a phone that was offline while another
 * finished the session, is taken: it tells what happened. Only a discarded session refuses.
 */
export const saveSessionRecord: Operation<'saveSessionRecord'> = async ({ scope, context }, { params, body }) => {
  const session = await findSession(scope, params.sessionId);
  if (session.state === 'discarded') throw new AppError('session-not-live', 'This session was discarded.');
  const { command, fields, madeAt, removed } = body;
  const before = await scope.all('sessionRecords', { id: params.recordId }, { order: [['revision', 'DESC']], limit: 1 });
  const [last] = before;
  if (last && (last.sessionId !== session.id || last.kind !== fields.kind)) {
    throw new AppError('invalid-input', 'This record is something else.', [
      {
        path: 'params.recordId',
        message: `is a ${last.kind} of ${last.sessionId === session.id ? 'this' : 'another'} session`,
      },
    ]);
  }
  const item = broughtIn(fields);
  if (item) {
    checkDose(item.dose, 'body.fields.item.dose');
    if (!findVariation(await catalogueOf(scope, context), item.variationId)) {
      throw new AppError('invalid-input', 'This movement is not known here.', [
        { path: 'body.fields.item.variationId', message: 'is not in the catalogue' },
      ]);
    }
    await bringIn(scope, session, item);
  }
  if (fields.kind === 'dose') checkDose(fields.dose, 'body.fields.dose');
  if (fields.kind === 'after' && !removed) {
    await scope.update('sessions', { effort: fields.effort, minutes: fields.minutes }, { id: session.id });
  }
  const row = {
    id: params.recordId,
    revision: (last?.revision ?? 0) + 1,
    sessionId: session.id,
    kind: fields.kind,
    fields,
    removed,
    madeAt,
    receivedAt: context.clock.now().toISOString(),
    deviceId: command.deviceId,
    deviceSeq: command.deviceSeq,
  };
  await scope.insert('sessionRecords', row);
  return toSessionRecord({ ...row, studioId: scope.studioId });
};

/**
 * A row that sets of the exercise can point at. It is marked as taken off, because it is no part of the sheet that is
 * carried on: the session's record says where it stands.
 */
const bringIn = async (scope: Scope, session: SessionRow, item: NonNullable<ReturnType<typeof broughtIn>>): Promise<void> => {
  const known = await scope.one('sheetItems', { id: item.id });
  if (known && (known.sheetId !== session.sheetId || !known.removed)) {
    throw new AppError('invalid-input', 'This exercise stands elsewhere already.', [
      { path: 'body.fields.item.id', message: 'is an exercise of a sheet' },
    ]);
  }
  if (known) return;
  const { dose, chosenWhy, ...rest } = item;
  const why = { sets: [], reps: [], load: [...chosenWhy], tempo: [], rest: [], reserve: [] };
  await scope.insert('sheetItems', {
    ...rest,
    sheetId: session.sheetId,
    position: 0,
    isOwn: true,
    removed: true,
    trackDose: dose,
    proposed: dose,
    dose,
    why,
    chosenWhy: [...chosenWhy],
    memory: {},
  });
};
