import type { PersonId } from '@drubo/core/vocabulary';
import type { Scope } from '../scope';

/** A tombstone for everything of somebody's that has an id a phone may still hold. */
const graves = (kind: string, from: string): string => `
  INSERT OR IGNORE INTO tombstones (studioId, id, kind, erasedAt)
  SELECT studioId, id, '${kind}', :erasedAt FROM ${from}`;
const OWN = 'WHERE studioId = :studioId AND personId = :personId';

/**
 * In this order: tombstones, then the answers kept for repeats, then the rows, those that hang from others first, each found
 * by an index. Left to the database's own cascade it would look for the children of every row by itself.
 */
const STATEMENTS = [
  graves('person', 'people WHERE studioId = :studioId AND id = :personId'),
  graves('booking', `bookings ${OWN}`),
  graves('sheet', `sheets ${OWN}`),
  graves('session', `sessions ${OWN}`),
  graves('kit', `kits ${OWN}`),
  `DELETE FROM commands ${OWN}`,
  `DELETE FROM decisions WHERE studioId = :studioId AND sessionId IN (SELECT id FROM sessions ${OWN})`,
  `DELETE FROM set_revisions WHERE studioId = :studioId AND sessionId IN (SELECT id FROM sessions ${OWN})`,
  `DELETE FROM session_records WHERE studioId = :studioId AND sessionId IN (SELECT id FROM sessions ${OWN})`,
  `DELETE FROM sessions ${OWN}`,
  `DELETE FROM sheet_items WHERE studioId = :studioId AND sheetId IN (SELECT id FROM sheets ${OWN})`,
  `DELETE FROM sheets ${OWN}`,
  `DELETE FROM kits ${OWN}`,
  'DELETE FROM people WHERE studioId = :studioId AND id = :personId',
];

/** Deletes everything of a person, and leaves tombstones. */
export const eraseRows = async (scope: Scope, personId: PersonId, erasedAt: string): Promise<void> => {
  for (const statement of STATEMENTS) await scope.run(statement, { personId, erasedAt });
};
