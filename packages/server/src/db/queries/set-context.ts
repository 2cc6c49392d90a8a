import type { ItemId, SessionId, SetId, SheetId } from '@drubo/core/vocabulary';
import type { SessionRow } from '../models';
import type { Scope } from '../scope';

/** A session, its person's mass, the exercise if it is on the sheet, and the newest revision of the set if there is one. */
export interface SetContextRow {
  state: SessionRow['state'];
  sheetId: SheetId;
  massKg: number | null;
  itemId: ItemId | null;
  beforeSessionId: SessionId | null;
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

/** What stands behind a set about to be logged; null where there is no such session. */
export const setContextRow = async (
  scope: Scope,
  ids: { sessionId: SessionId; setId: SetId; itemId: ItemId },
): Promise<SetContextRow | null> => {
  const [row] = await scope.select<SetContextRow>(SQL, { ...ids });
  return row ?? null;
};
