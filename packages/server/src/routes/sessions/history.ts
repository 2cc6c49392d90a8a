import { toSession, toSetRecord } from '../../db/mappers/rows';
import type { Handler } from '../../http/handler';
import { findPerson, findSession, findSheet } from '../../shared/find';
import { readSheet } from '../../sheet/read-sheet';
import { sessionRecordRevisions } from '../../db/queries/session-records';

export const getSessionHistory: Handler<'getSessionHistory'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const session = await findSession(scope, params.sessionId);
  const revisions = await scope.all('setRevisions', { sessionId: session.id });
  const decisions = await scope.all('decisions', { sessionId: session.id }, { order: [['decidedAt', 'ASC']] });
  return {
    session: toSession(session),
    personName: (await findPerson(scope, session.personId)).name,
    sheet: await readSheet(scope, context, await findSheet(scope, session.sheetId)),
    sets: revisions
      .map(toSetRecord)
      .sort((a, b) => (a.receivedAt ?? a.loggedAt).localeCompare(b.receivedAt ?? b.loggedAt) || a.revision - b.revision),
    records: await sessionRecordRevisions(scope, session.id),
    decisions: decisions.map(({ id, itemId, decidedAt, proposal, chosen }) => ({ id, itemId, decidedAt, proposal, chosen })),
  };
};
