import { sessionIdFor } from '@drubo/contracts';
import { toSession } from '../../db/mappers/rows';
import type { BodyOf } from '@drubo/contracts';
import type { Context } from '../../context';
import type { SheetRow } from '../../db/models';
import type { Scope } from '../../db/scope';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { findPerson, findSession, findSheet, refuseErased } from '../../shared/find';
import { looseSheet } from '../../sheet/loose-sheet';
import { localDateOf } from '../../shared/local-date';
import { fixAtStart, makeNextSheet } from '../../sheet/next-sheet';
import { readSession } from '../../session/read-session';
import { refuseHeld } from '../../person/refuse-held';
import { runCommand } from '../../shared/run-command';

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

const notLive = (what: string) => new AppError('session-not-live', `This session ${what}.`);

export const getSession: Handler<'getSession'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  return readSession(scope, context, await findSession(scope, params.sessionId));
};

export const startSession: Handler<'startSession'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'startSession', params, body }, async (scope) => {
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
    const row = {
      id,
      sheetId: sheet.id,
      personId: sheet.personId,
      state: 'live' as const,
      date: localDateOf(new Date(body.startedAt), caller.timeZone),
      startedAt: body.startedAt,
      finishedAt: null,
      effort: null,
      note: '',
      entry: body.entry ?? ('live' as const),
      minutes: null,
    };
    const person = await findPerson(scope, sheet.personId);
    await refuseHeld(scope, person, row.date);
    await fixAtStart(scope, context, sheet, person, row.date, body.taken ?? []);
    await scope.insert('sessions', row);
    if (sheet.state !== 'loose') await scope.update('sheets', { state: 'started' }, { id: sheet.id });
    return readSession(scope, context, { ...row, studioId: scope.studioId });
  });

export const finishSession: Handler<'finishSession'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'finishSession', params, body }, async (scope) => {
    const row = await findSession(scope, params.sessionId);
    if (row.state === 'discarded') throw notLive('was discarded');
    // Finished on another phone already: its numbers stand, and this one joins them.
    if (row.state !== 'live') return toSession(row);
    const { finishedAt, effort, note } = body;
    const finished = { ...row, state: 'finished' as const, finishedAt, effort, note };
    await scope.update('sessions', { state: 'finished', finishedAt, effort, note }, { id: row.id });
    const person = await findPerson(scope, row.personId);
    const sheet = await findSheet(scope, row.sheetId);
    // A session without a plan leaves the waiting sheet where it is: it is history, and moves nothing.
    if (sheet.state !== 'loose') {
      await scope.update('sheets', { state: 'done' }, { id: row.sheetId });
      await makeNextSheet(scope, context, person, caller.timeZone);
    }
    return toSession(finished);
  });

export const discardSession: Handler<'discardSession'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'discardSession', params, body }, async (scope) => {
    const row = await findSession(scope, params.sessionId);
    if (row.state === 'discarded') return toSession(row);
    if (row.state !== 'live') throw notLive('is finished already');
    const sheet = await findSheet(scope, row.sheetId);
    await scope.update('sessions', { state: 'discarded' }, { id: row.id });
    const state = sheet.state === 'loose' ? 'loose' : 'next';
    await scope.update('sheets', { state, attempt: sheet.attempt + 1 }, { id: sheet.id });
    return toSession({ ...row, state: 'discarded' });
  });
