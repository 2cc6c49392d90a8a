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

/** Sessions whose rows go at once ahead of the rest: a set logged meanwhile waits for so many and no more. House default. */
const PIECE = 500;

/** What is most of somebody's, those rows first that nothing hangs from, by what they hang from. */
const MANY = {
  sessions: { column: 'sessionId', tables: ['decisions', 'set_revisions', 'session_records'] },
  sheets: { column: 'sheetId', tables: ['sheet_items'] },
} as const;

/** Some of somebody's rows, by some of their sessions or sheets. They lie together, which is what makes it quick. */
export interface Piece {
  tables: readonly string[];
  column: string;
  ids: readonly string[];
}

/** Somebody's years in pieces. */
export const piecesOf = async (scope: Scope, personId: PersonId): Promise<Piece[]> => {
  const pieces: Piece[] = [];
  for (const [name, { column, tables }] of Object.entries(MANY)) {
    const found = await scope.select<{ id: string }>(`SELECT id FROM ${name} ${OWN} ORDER BY id`, { personId });
    for (let at = 0; at < found.length; at += PIECE) {
      const ids = found.slice(at, at + PIECE).map(({ id }) => id);
      pieces.push({ tables, column, ids });
    }
  }
  return pieces;
};

/** Deletes one piece. */
export const erasePiece = async (scope: Scope, { tables, column, ids }: Piece): Promise<void> => {
  for (const table of tables) await scope.run(`DELETE FROM ${table} WHERE studioId = :studioId AND ${column} IN (:ids)`, { ids });
};

/** Deletes everything of a person, and leaves tombstones. */
export const eraseRows = async (scope: Scope, personId: PersonId, erasedAt: string): Promise<void> => {
  for (const statement of STATEMENTS) await scope.run(statement, { personId, erasedAt });
};
