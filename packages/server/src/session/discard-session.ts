import { toSession } from '../db/mappers/rows';
import { notLive } from './not-live';
import { findSession, findSheet } from '../shared/find';
import type { Operation } from '../shared/work';

export const discardSession: Operation<'discardSession'> = async ({ scope }, { params }) => {
  const row = await findSession(scope, params.sessionId);
  if (row.state === 'discarded') return toSession(row);
  if (row.state !== 'live') throw notLive('is finished already');
  const sheet = await findSheet(scope, row.sheetId);
  await scope.update('sessions', { state: 'discarded' }, { id: row.id });
  const state = sheet.state === 'loose' ? 'loose' : 'next';
  await scope.update('sheets', { state, attempt: sheet.attempt + 1 }, { id: sheet.id });
  return toSession({ ...row, state: 'discarded' });
};
