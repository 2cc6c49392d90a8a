import { findPersonFile } from '../person/person-file';
import { sessionIdFor } from '@drubo/contracts';
import type { BodyOf } from '@drubo/contracts';
import { sessionTime } from '@drubo/core';
import type { Context } from '../context';
import type { SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { refuseHeld } from '../person/refuse-held';
import { notLive } from './not-live';
import { readSession } from './read-session';
import { AppError } from '../shared/errors';
import { findPerson, findSheet, refuseErased } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { looseSheet } from '../sheet/loose-sheet';
import { fixAtStart } from '../sheet/next-sheet';

export const startSession: Operation<'startSession'> = async ({ scope, context, caller }, { params, body }) => {
  const id = params.sessionId;
  await refuseErased(scope, 'sessions', id);
  const sheet = await sheetToStart(scope, context, body, caller.timeZone);
  const running = await scope.one('sessions', { id });
  if (running && running.sheetId !== sheet.id) {
    throw new AppError('invalid-input', 'This session belongs to another sheet.', [
      { path: 'body.sheetId', message: 'is not the sheet of this session' },
    ]);
  }
  if (running?.state === 'discarded') throw notLive('was discarded');
  if (running) return readSession(scope, context, running);
  if (id !== sessionIdFor(sheet.id, sheet.attempt)) {
    throw new AppError('invalid-input', 'This id is not the next session of this sheet.', [
      { path: 'params.sessionId', message: `must be ${sessionIdFor(sheet.id, sheet.attempt)}` },
    ]);
  }
  if (sheet.state === 'later') {
    throw new AppError('sheet-for-later', `This sheet is kept for ${sheet.forDate ?? 'another day'}.`, [
      { path: 'body.sheetId', message: 'waits for its day: the sheet before it comes first' },
    ]);
  }
  const startedAt = sessionTime(body.startedAt, context.clock.now().toISOString());
  const row = {
    id,
    sheetId: sheet.id,
    personId: sheet.personId,
    state: 'live' as const,
    date: localDateOf(new Date(startedAt), caller.timeZone),
    startedAt,
    finishedAt: null,
    effort: null,
    note: '',
    entry: body.entry ?? ('live' as const),
    minutes: null,
  };
  const file = await findPersonFile(scope, context, sheet.personId);
  await refuseHeld(file, row.date);
  await fixAtStart(scope, file, sheet, row.date, body.taken ?? []);
  await scope.insert('sessions', row);
  if (sheet.state !== 'loose') await scope.update('sheets', { state: 'started' }, { id: sheet.id });
  return readSession(scope, context, { ...row, studioId: scope.studioId });
};

/** The sheet a session starts on: the one named, or an empty one made for a session without a plan. */
const sheetToStart = async (
  scope: Scope,
  context: Context,
  { sheetId, unplannedFor }: BodyOf<'startSession'>,
  timeZone: string,
): Promise<SheetRow> => {
  const known = unplannedFor === undefined ? null : await scope.one('sheets', { id: sheetId });
  if (unplannedFor === undefined || known) return findSheet(scope, sheetId);
  await refuseErased(scope, 'sheets', sheetId);
  return looseSheet(scope, context, await findPerson(scope, unplannedFor), sheetId, timeZone);
};
