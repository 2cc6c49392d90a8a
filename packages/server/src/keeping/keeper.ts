import { join } from 'node:path';
import type { Logger } from 'pino';
import type { Database } from '../db/database';
import { ANSWER_DAYS } from '../db/queries/commands';
import { backUp, backupsIn, rotate } from './backups';
import type { Backup } from './backups';
import { addErased, ERASED_NAME } from './erased-list';
import type { Grave } from './erased-list';
import { freeBytes } from './free-bytes';
import { placesOf } from './places';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Copies are made daily; older than two days the newest is too old. House defaults of decision 18. */
const EVERY_MS = 24 * HOUR_MS;
const TOO_OLD_MS = 48 * HOUR_MS;
/** How often it is looked whether a copy is due, and first after a start: not while everybody signs in. */
const LOOK_MS = 15 * 60_000;
/** How often the journal is tried to be emptied after somebody was erased. */
const RETRY_MS = 1_000;

/** What keeps a studio's data: copies made by themselves, the list of who was erased, the journal. */
export interface Keeper {
  backups(): Backup[];
  /** Makes a copy now. */
  backUp(): Promise<Backup>;
  isOverdue(now: Date): boolean;
  /** Everything received until then is in a copy that was found whole; null: there is none. */
  coveredUntil(): Date | null;
  /** Writes down that somebody was erased, beside the database and beside the copies, and empties the journal. */
  noteErased(graves: readonly Grave[]): void;
  folder: string;
  freeBytes(): number;
  stop(): Promise<void>;
}

/** Begins to look after a database. `hasStudio`: whether there is anything to copy yet. */
export const keepHouse = async (databaseFile: string, database: Database, log: Logger): Promise<Keeper> => {
  const { backups: folder, erased } = placesOf(databaseFile);
  let newest: Backup | null = backupsIn(folder)[0] ?? null;
  let running: Promise<Backup> | null = null;
  let retry: NodeJS.Timeout | undefined;
  let isStopped = false;

  const noteErased = (graves: readonly Grave[]): void => {
    addErased(erased, graves);
    if (backupsIn(folder).length > 0) addErased(join(folder, ERASED_NAME), graves);
  };

  const make = async (): Promise<Backup> => {
    noteErased(await database.across.graves());
    const made = await backUp(databaseFile, folder);
    noteErased(await database.across.graves());
    rotate(folder, new Date());
    newest = made;
    log.info({ covers: made.coversUntil.toISOString(), bytes: made.bytes }, 'copy made and looked through');
    return made;
  };

  const backUpOnce = (): Promise<Backup> => {
    running ??= make().finally(() => {
      running = null;
    });
    return running;
  };

  const isDue = (now: Date, afterMs: number): boolean =>
    newest === null || now.getTime() - newest.coversUntil.getTime() > afterMs;

  const look = async (): Promise<void> => {
    await database.across.forgetAnswers(new Date(Date.now() - ANSWER_DAYS * DAY_MS).toISOString());
    newest = backupsIn(folder)[0] ?? null;
    if (isDue(new Date(), EVERY_MS) && (await database.across.hasStudio())) await backUpOnce();
  };
  const timer = setInterval(() => {
    look().catch((error: unknown) => log.error({ err: error }, 'no copy could be made'));
  }, LOOK_MS);
  timer.unref();

  const emptyJournal = (): void => {
    database.checkpoint().then(
      (isDone) => {
        if (!isDone && !isStopped) retry = setTimeout(emptyJournal, RETRY_MS).unref();
      },
      (error: unknown) => log.error({ err: error }, 'the journal could not be emptied'),
    );
  };

  // A list that was lost, or a server that ended between the two: the tombstones are the truth.
  noteErased(await database.across.graves());
  return {
    backups: () => {
      // Another process may have made one meanwhile.
      const all = backupsIn(folder);
      newest = all[0] ?? null;
      return all;
    },
    backUp: backUpOnce,
    isOverdue: (now) => isDue(now, TOO_OLD_MS),
    coveredUntil: () => newest?.coversUntil ?? null,
    noteErased: (graves) => {
      noteErased(graves);
      emptyJournal();
    },
    folder,
    freeBytes: () => freeBytes(databaseFile),
    stop: async () => {
      isStopped = true;
      clearInterval(timer);
      clearTimeout(retry);
      await running?.catch(() => undefined);
    },
  };
};
