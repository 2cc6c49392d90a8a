import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { QueryTypes, Sequelize, Transaction } from 'sequelize';
import { acrossStudios } from './across';
import type { Across } from './across';
import { epochOf, setFact } from './facts';
import { migrate } from './migrations';
import { bindModels, bindViews } from './models';
import type { Models } from './models';
import { makeScope } from './scope';
import type { Scope } from './scope';
import { configuredSqlite } from './sqlite';

/** The database as the server uses it. */
export interface Database {
  /** What is asked before it is known which studio is meant. */
  readonly across: Across;
  read(studioId: string): Scope;
  /** One write at a time, BEGIN IMMEDIATE; all of it lands or none. */
  write<T>(studioId: string, work: (scope: Scope) => Promise<T>): Promise<T>;
  /** Reads that all see one moment, however long they take and whatever is written meanwhile. */
  snapshot<T>(studioId: string, work: (scope: Scope) => Promise<T>): Promise<T>;
  /**
   * Which life of the server this is: another one once a copy was brought back. Phones send again what they had sent to the
   * one before.
   */
  readonly epoch: string;
  /** Writes the journal into the database file and empties it. False where a reader stood in the way. */
  checkpoint(): Promise<boolean>;
  /** Throws where nothing can be written: a full disk, a folder that is read-only. */
  canWrite(): Promise<void>;
  close(): Promise<void>;
}

/** An open database with its insides, for what starts it and for tests. */
export interface OpenDatabase extends Database {
  readonly models: Models;
  readonly sequelize: Sequelize;
}

/** Opens (and makes) the database file and brings its tables up to date. */
export const openDatabase = async (file: string): Promise<OpenDatabase> => {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const { driver, closeIdle } = configuredSqlite();
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, dialectModule: driver, logging: false });
  const models = bindModels(sequelize);
  const readable = { ...models, ...bindViews(sequelize) };
  await migrate(sequelize);
  const epoch = await epochOf(sequelize);

  /** Long reads under way: their connections are theirs until they end. */
  const snapshots = new Set<Promise<unknown>>();
  let last: Promise<unknown> = Promise.resolve();
  const serialised = <T>(work: () => Promise<T>): Promise<T> => {
    const next = last.then(work, work);
    // The queue goes on after a failed write; its caller gets the error from `next`.
    last = next.catch(() => undefined);
    return next;
  };

  return {
    models,
    sequelize,
    across: acrossStudios(sequelize, models),
    read: (studioId) => makeScope(sequelize, readable, studioId),
    write: (studioId, work) =>
      serialised(() =>
        sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, (transaction) =>
          work(makeScope(sequelize, readable, studioId, transaction)),
        ),
      ),
    snapshot: async (studioId, work) => {
      const reading = sequelize.transaction({ type: Transaction.TYPES.DEFERRED }, (transaction) =>
        work(makeScope(sequelize, readable, studioId, transaction)),
      );
      snapshots.add(reading);
      try {
        return await reading;
      } finally {
        snapshots.delete(reading);
      }
    },
    epoch,
    checkpoint: () =>
      serialised(async () => {
        const [row] = await sequelize.query<{ busy: number }>('PRAGMA wal_checkpoint(TRUNCATE)', { type: QueryTypes.SELECT });
        return row?.busy === 0;
      }),
    canWrite: () =>
      serialised(async () => {
        await setFact(sequelize, 'wrote', new Date().toISOString());
      }),
    close: async () => {
      await Promise.allSettled([last, ...snapshots]);
      await closeIdle();
      await sequelize.close();
    },
  };
};
