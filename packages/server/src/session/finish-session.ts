import { sessionTime } from '@drubo/core';
import { findPersonFile } from '../person/person-file';
import { toSession } from '../db/mappers/rows';
import { notLive } from './not-live';
import { findSession, findSheet } from '../shared/find';
import type { Operation } from '../shared/work';
import { makeNextSheet } from '../sheet/next-sheet';

export const finishSession: Operation<'finishSession'> = async ({ scope, context, caller }, { params, body }) => {
  const row = await findSession(scope, params.sessionId);
  if (row.state === 'discarded') throw notLive('was discarded');
  // Finished on another phone already: its numbers stand, and this one joins them.
  if (row.state !== 'live') return toSession(row);
  const { effort, note } = body;
  const finishedAt = sessionTime(body.finishedAt, context.clock.now().toISOString());
  const finished = { ...row, state: 'finished' as const, finishedAt, effort, note };
  await scope.update('sessions', { state: 'finished', finishedAt, effort, note }, { id: row.id });
  const sheet = await findSheet(scope, row.sheetId);
  // A session without a plan leaves the waiting sheet where it is: it is history, and moves nothing.
  if (sheet.state !== 'loose') {
    await scope.update('sheets', { state: 'done' }, { id: row.sheetId });
    await makeNextSheet(scope, context, await findPersonFile(scope, context, row.personId), caller);
  }
  return toSession(finished);
};
