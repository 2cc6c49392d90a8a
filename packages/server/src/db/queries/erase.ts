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

/** Rows deleted at once ahead of the rest: a set logged meanwhile waits for so many and no more. House default. */
const PIECE = 1_000;

/** What is most of somebody's, those rows first that nothing hangs from: whose table it is in, and how it is theirs. */
const MANY = [
  ['decisions', `sessionId IN (SELECT id FROM sessions ${OWN})`],
  ['set_revisions', `sessionId IN (SELECT id FROM sessions ${OWN})`],
  ['session_records', `sessionId IN (SELECT id FROM sessions ${OWN})`],
  ['sheet_items', `sheetId IN (SELECT id FROM sheets ${OWN})`],
] as const;

/** Deletes some of somebody's years, ahead of the rest. False where there is nothing left to delete so. */
export const erasePiece = async (scope: Scope, personId: PersonId): Promise<boolean> => {
  for (const [table, theirs] of MANY) {
    const found = await scope.select<{ row: number }>(
      `SELECT rowid AS row FROM ${table} WHERE studioId = :studioId AND ${theirs} LIMIT ${PIECE}`,
      { personId },
    );
    if (found.length === 0) continue;
    const rows = found.map(({ row }) => row);
    await scope.run(`DELETE FROM ${table} WHERE studioId = :studioId AND rowid IN (:rows)`, { rows });
    return true;
  }
  return false;
};

/** Deletes everything of a person, and leaves tombstones. */
export const eraseRows = async (scope: Scope, personId: PersonId, erasedAt: string): Promise<void> => {
  for (const statement of STATEMENTS) await scope.run(statement, { personId, erasedAt });
};
