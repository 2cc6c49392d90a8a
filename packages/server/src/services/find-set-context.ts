import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import { findItem, findSession } from './find';

/** What logging a set has to know. */
export interface SetContext {
  session: { id: string; state: SessionRow['state'] };
  massKg: number | null;
  /** The newest revision of this set, when it is an amendment. */
  before: { sessionId: string; revision: number; bodyMassKg: number | null } | null;
}

interface Row {
  state: SessionRow['state'];
  sheetId: string;
  massKg: number | null;
  itemId: string | null;
  beforeSessionId: string | null;
  revision: number | null;
  bodyMassKg: number | null;
}

/** One question instead of four: a set is the one write a trainer waits for with a client in front of them. */
const SQL = `
  SELECT sessions.state, sessions.sheetId, people.massKg, items.id AS itemId,
    before.sessionId AS beforeSessionId, before.revision, before.bodyMassKg
  FROM sessions
  JOIN people ON people.studioId = sessions.studioId AND people.id = sessions.personId
  LEFT JOIN sheet_items AS items
    ON items.studioId = sessions.studioId AND items.sheetId = sessions.sheetId AND items.id = :itemId
  LEFT JOIN set_revisions AS before ON before.studioId = sessions.studioId AND before.id = :setId
  WHERE sessions.studioId = :studioId AND sessions.id = :sessionId
  ORDER BY before.revision DESC LIMIT 1`;

/** The session, person and earlier revision of a set about to be logged. Refuses what is not there. */
export const findSetContext = async (
  scope: Scope,
  { sessionId, setId }: { sessionId: string; setId: string },
  itemId: string,
): Promise<SetContext> => {
  const [row] = await scope.select<Row>(SQL, { sessionId, setId, itemId });
  if (!row) {
    await findSession(scope, sessionId);
    throw new Error(`session ${sessionId} has no person`);
  }
  if (row.state === 'discarded') throw new AppError('session-not-live', 'This session was discarded.');
  // Gives the right refusal: erased, or never known.
  if (!row.itemId) await findItem(scope, row.sheetId, itemId);
  const { beforeSessionId, revision, bodyMassKg } = row;
  return {
    session: { id: sessionId, state: row.state },
    massKg: row.massKg,
    before: beforeSessionId === null || revision === null ? null : { sessionId: beforeSessionId, revision, bodyMassKg },
  };
};
