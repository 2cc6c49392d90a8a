import { basename, dirname, join } from 'node:path';

/** Where things lie around one database. */
export interface Places {
  database: string;
  /** Held while a server runs on it. */
  lock: string;
  /** Copies made by themselves. */
  backups: string;
  /** Who was erased, to be erased again from whatever is brought back. */
  erased: string;
}

export const placesOf = (database: string): Places => {
  const base = database.replace(/\.sqlite$/, '');
  const name = basename(base);
  return {
    database,
    lock: `${base}.lock`,
    // The demo's copies are not the studio's, though both may lie in one folder.
    backups: join(dirname(database), name === 'studio' ? 'backups' : `${name}-backups`),
    erased: `${base}.erased.json`,
  };
};

/** What SQLite keeps beside a database: the journal, and the index into it. */
export const journalsOf = (database: string): string[] => [`${database}-wal`, `${database}-shm`];
