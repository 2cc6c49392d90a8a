import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { openDatabase } from '../db/database';
import type { OpenDatabase } from '../db/database';
import { databaseTrouble } from '../db/trouble';
import { codeOf } from '../shared/code-of';
import { backupsIn } from './backups';
import { copyDatabase } from './copy';
import { inspect } from './inspect';
import { freeBytes } from './free-bytes';
import { holdHouse } from './lock';
import { journalsOf, placesOf } from './places';
import { StartProblem } from './start-problem';

const PRIVATE_FILE = 0o600;
const PRIVATE_FOLDER = 0o700;

/** A folder of ours is for its owner alone; one that was here before keeps what its owner gave it. */
const makeFolder = (folder: string): void => {
  if (!existsSync(folder)) mkdirSync(folder, { recursive: true, mode: PRIVATE_FOLDER });
};

const closeToOthers = (database: string): void => {
  for (const file of [database, ...journalsOf(database)]) if (existsSync(file)) chmodSync(file, PRIVATE_FILE);
};

/** Whether a folder shows that a database was here once. */
const hadDatabase = (database: string): boolean => {
  const { backups, erased } = placesOf(database);
  return backupsIn(backups).length > 0 || existsSync(erased) || journalsOf(database).some((file) => existsSync(file));
};

/** Too little room on a disk to work at all. House default. */
const LEAST_BYTES = 256 * 1024;

const asProblem = (error: unknown, database: string): unknown => {
  const trouble = databaseTrouble(error);
  const code = codeOf(error);
  if (trouble === 'full' || code === 'ENOSPC' || (trouble === 'disk' && freeBytes(database) < LEAST_BYTES)) {
    return new StartProblem(
      'no-room',
      `The disk of ${dirname(database)} is full, so nothing could be written. What is there is safe. Make room and start again.`,
    );
  }
  if (trouble === 'disk') {
    return new StartProblem(
      'disk-failed',
      `The disk of ${dirname(database)} could not be read or written. Nothing was changed by Drubo. See that the disk is sound, take a copy of the folder, and start again.`,
    );
  }
  if (trouble === 'read-only' || code === 'EACCES' || code === 'EROFS' || code === 'EPERM') {
    return new StartProblem(
      'not-writable',
      `Drubo can’t write to ${database}. What is there is safe. Give whoever starts Drubo the right to write to that file and its folder.`,
    );
  }
  return error;
};

/** Brings an older database up to date, with a copy of it first that is put back where that fails. */
const openMigrated = async (database: string, pending: readonly string[]): Promise<OpenDatabase> => {
  const { backups } = placesOf(database);
  const copy = await copyDatabase(database, () => join(backups, `before-${pending[0] ?? ''}.sqlite`));
  try {
    return await openDatabase(database);
  } catch (error) {
    for (const journal of journalsOf(database)) rmSync(journal, { force: true });
    renameSync(copy, database);
    throw new StartProblem(
      'migration-failed',
      `The database could not be brought up to date (${error instanceof Error ? error.message : 'no reason given'}). It was put back as it was; nothing is lost. Start the Drubo you had before, and report this.`,
    );
  }
};

/** A database opened for a server: alone on it, looked through, up to date, closed to others. `freshStart`: there is to be none yet. */
export interface House {
  database: OpenDatabase;
  /** Nothing was here: the first visit sets up a studio. */
  isNew: boolean;
  close(): Promise<void>;
}

/** Opens the house. Throws `StartProblem` with what happened, what is safe and what to do. */
export const openHouse = async (database: string, mayBeMissing = false): Promise<House> => {
  let letGo: (() => Promise<void>) | null = null;
  try {
    makeFolder(dirname(database));
    const { lock, backups } = placesOf(database);
    letGo = await holdHouse(lock);
    chmodSync(lock, PRIVATE_FILE);
    const condition = await inspect(database);
    if (condition.is === 'damaged') {
      throw new StartProblem(
        'damaged',
        `The database ${database} is damaged (${condition.why}). Nothing was changed, and copies are in ${backups}. Bring the newest back: npm run restore FILE.`,
      );
    }
    if (condition.is === 'newer') {
      throw new StartProblem(
        'newer-database',
        `The database ${database} was written by a newer Drubo (${condition.unknown.join(', ')}). Nothing was changed. Start that version or a later one.`,
      );
    }
    if (condition.is === 'absent' && hadDatabase(database) && !mayBeMissing) {
      const others = readdirSync(dirname(database)).filter((name) => name !== basename(lock));
      throw new StartProblem(
        'missing',
        `There is no database ${database}, but there was one (${others.join(', ')}). Nothing was changed. Bring a copy back (npm run restore FILE), or begin anew beside what is there: DRUBO_FRESH=1.`,
      );
    }
    const opened =
      condition.is === 'good' && condition.pending.length > 0
        ? await openMigrated(database, condition.pending)
        : await openDatabase(database);
    await opened.canWrite();
    // Whoever copies the file alone gets all of it.
    await opened.checkpoint();
    closeToOthers(database);
    const release = letGo;
    return {
      database: opened,
      isNew: condition.is === 'absent',
      close: async () => {
        await opened.close();
        await release();
      },
    };
  } catch (error) {
    await letGo?.();
    throw asProblem(error, database);
  }
};
