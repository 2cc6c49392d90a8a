import type { ItemId, SessionId, SetId } from '@drubo/core/vocabulary';
import { setContextRow } from '../db/queries/set-context';
import type { Scope } from '../db/scope';
import type { SessionRow } from '../db/models';
import { AppError } from '../shared/errors';
import { findItem, findSession } from '../shared/find';

/** What logging a set has to know. */
export interface SetContext {
  session: { id: string; state: SessionRow['state'] };
  massKg: number | null;
  /** The newest revision of this set, when it is an amendment. */
  before: { sessionId: SessionId; revision: number; bodyMassKg: number | null } | null;
}

/** The session, person and earlier revision of a set about to be logged. Refuses what is not there. */
export const findSetContext = async (
  scope: Scope,
  { sessionId, setId }: { sessionId: SessionId; setId: SetId },
  itemId: ItemId,
): Promise<SetContext> => {
  const row = await setContextRow(scope, { sessionId, setId, itemId });
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
