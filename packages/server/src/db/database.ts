import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize, Transaction } from 'sequelize';
import { migrate } from './migrations';
import { bindModels } from './models';
import type { Models } from './models';
import { makeScope } from './scope';
import type { Scope } from './scope';
import { configuredSqlite } from './sqlite';

/** The database as the server uses it. */
export interface Database {
  /** Unscoped: only signing in, first run, and importing a bundle look across studios. */
  readonly models: Models;
  readonly sequelize: Sequelize;
  read(studioId: string): Scope;
  /** One write at a time, BEGIN IMMEDIATE; all of it lands or none. */
  write<T>(studioId: string, work: (scope: Scope, transaction: Transaction) => Promise<T>): Promise<T>;
  close(): Promise<void>;
}

/** Opens (and makes) the database file and brings its tables up to date. */
export const openDatabase = async (file: string): Promise<Database> => {
  mkdirSync(dirname(file), { recursive: true });
  const { driver, closeIdle } = configuredSqlite();
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, dialectModule: driver, logging: false });
  const models = bindModels(sequelize);
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
    read: (studioId) => makeScope(sequelize, models, studioId),
    write: (studioId, work) =>
      serialised(() =>
        sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, (transaction) =>
          work(makeScope(sequelize, models, studioId, transaction), transaction),
        ),
      ),
    close: async () => {
      await last;
      await closeIdle();
      await sequelize.close();
    },
  };
};
