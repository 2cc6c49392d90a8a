import { ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize';
import { codeOf } from '../shared/code-of';

/**
 * What kept a row from being written: its id is another's, what it belongs to is not there, no room on the disk, a folder that
 * can't be written to, a database that is busy for longer than it is waited for, or a disk that fails (a full one also does,
 * where SQLite has to make a file beside the database).
 */
export type DatabaseTrouble = 'id-in-use' | 'points-nowhere' | 'full' | 'read-only' | 'busy' | 'disk';

/** By SQLite's result codes, as the driver names them. Source: sqlite.org, result codes. */
const BY_CODE: Record<string, DatabaseTrouble> = {
  SQLITE_FULL: 'full',
  SQLITE_READONLY: 'read-only',
  SQLITE_CANTOPEN: 'read-only',
  SQLITE_BUSY: 'busy',
  SQLITE_LOCKED: 'busy',
  SQLITE_IOERR: 'disk',
};

const deepCodeOf = (error: unknown): string => {
  const code = codeOf(error);
  if (code !== '') return code;
  return typeof error === 'object' && error !== null && 'original' in error ? deepCodeOf(error.original) : '';
};

/** What of the database's an error is; null for one that is none of these. */
export const databaseTrouble = (error: unknown): DatabaseTrouble | null => {
  if (error instanceof UniqueConstraintError) return 'id-in-use';
  if (error instanceof ForeignKeyConstraintError) return 'points-nowhere';
  return BY_CODE[deepCodeOf(error)] ?? null;
};
