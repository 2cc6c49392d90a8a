import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize, Transaction } from 'sequelize';
import { acrossStudios } from './across';
import type { Across } from './across';
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
  close(): Promise<void>;
}

/** An open database with its insides, for what starts it and for tests. */
export interface OpenDatabase extends Database {
  readonly models: Models;
  readonly sequelize: Sequelize;
}

/** Opens (and makes) the database file and brings its tables up to date. */
export const openDatabase = async (file: string): Promise<OpenDatabase> => {
  mkdirSync(dirname(file), { recursive: true });
  const { driver, closeIdle } = configuredSqlite();
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, dialectModule: driver, logging: false });
  const models = bindModels(sequelize);
  const readable = { ...models, ...bindViews(sequelize) };
  await migrate(sequelize);

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
    close: async () => {
      await last;
      await closeIdle();
      await sequelize.close();
    },
  };
};
