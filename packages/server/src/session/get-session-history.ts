import { findPersonFile } from '../person/person-file';
import { toSession, toSetRecord } from '../db/mappers/rows';
import { sessionRecordRevisions } from '../db/queries/session-records';
import { findSession, findSheet } from '../shared/find';
import type { Operation } from '../shared/work';
import { readSheet } from '../sheet/read-sheet';

export const getSessionHistory: Operation<'getSessionHistory'> = async ({ scope, context }, { params }) => {
  const session = await findSession(scope, params.sessionId);
  const file = await findPersonFile(scope, context, session.personId);
  const revisions = await scope.all('setRevisions', { sessionId: session.id });
  const decisions = await scope.all('decisions', { sessionId: session.id }, { order: [['decidedAt', 'ASC']] });
  return {
    session: toSession(session),
    personName: file.person.name,
    sheet: await readSheet(scope, context, file, await findSheet(scope, session.sheetId)),
    sets: revisions
      .map(toSetRecord)
      .sort((a, b) => (a.receivedAt ?? a.loggedAt).localeCompare(b.receivedAt ?? b.loggedAt) || a.revision - b.revision),
    records: await sessionRecordRevisions(scope, session.id),
    decisions: decisions.map(({ id, itemId, decidedAt, proposal, chosen }) => ({ id, itemId, decidedAt, proposal, chosen })),
  };
};
