import { existsSync, statSync } from 'node:fs';
import { MIGRATION_NAMES } from '../db/migrations';
import { withFile } from '../db/one-file';
import type { OneFile } from '../db/one-file';
import { codeOf } from '../shared/code-of';

/** What a database file turns out to be. `old`: there are migrations it has not had yet. */
export type Condition =
  | { is: 'absent' }
  | { is: 'damaged'; why: string }
  | { is: 'newer'; unknown: readonly string[] }
  | { is: 'good'; pending: readonly string[] };

const tables = async (db: OneFile): Promise<ReadonlySet<string>> =>
  new Set((await db.all<{ name: string }>(`SELECT name FROM sqlite_master WHERE type = 'table'`)).map(({ name }) => name));

/** Looks into a database file without changing it. `thorough`: every row and index too, as a copy has to stand. */
export const inspect = async (file: string, thorough = false): Promise<Condition> => {
  if (!existsSync(file) || statSync(file).size === 0) return { is: 'absent' };
  try {
    return await withFile(file, 'read', async (db) => {
      const check = thorough ? 'integrity_check' : 'quick_check';
      const found = await db.all<Record<string, string>>(`PRAGMA ${check}(1)`);
      const said = Object.values(found[0] ?? {})[0] ?? 'no answer';
      if (said !== 'ok') return { is: 'damaged', why: said };
      if (thorough && (await db.all('PRAGMA foreign_key_check')).length > 0) {
        return { is: 'damaged', why: 'rows belong to something that is not there' };
      }
      const known = await tables(db);
      if (!known.has('migrations_done')) {
        return known.size === 0 ? { is: 'absent' } : { is: 'damaged', why: 'it is a database, but not one of Drubo’s' };
      }
      const done = (await db.all<{ name: string }>('SELECT name FROM migrations_done')).map(({ name }) => name);
      const unknown = done.filter((name) => !MIGRATION_NAMES.includes(name));
      if (unknown.length > 0) return { is: 'newer', unknown };
      return { is: 'good', pending: MIGRATION_NAMES.filter((name) => !done.includes(name)) };
    });
  } catch (error) {
    if (['SQLITE_NOTADB', 'SQLITE_CORRUPT'].includes(codeOf(error))) return { is: 'damaged', why: String(error) };
    throw error;
  }
};
