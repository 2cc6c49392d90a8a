import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize';
import { Umzug } from 'umzug';
import { firstTables } from './0001-first-tables';
import { movements } from './0002-movements';
import { judging } from './0003-judging';
import { intake } from './0004-intake';
import { sheets } from './0005-sheets';
import { sessionRecords } from './0006-session-records';
import { agreedSheets } from './0007-agreed-sheets';
import { standings } from './0008-standings';
import { currentRows } from './0009-current-rows';
import { trust } from './0010-trust';
import { unfitted } from './0011-unfitted';
import { withdrawals } from './0012-withdrawals';
import { weeks } from './0013-weeks';
import { secondsLeft } from './0014-seconds-left';

/** Listed by hand, in order. A migration that landed is never edited. */
export const MIGRATIONS = [
  firstTables,
  movements,
  judging,
  intake,
  sheets,
  sessionRecords,
  agreedSheets,
  standings,
  currentRows,
  trust,
  unfitted,
  withdrawals,
  weeks,
  secondsLeft,
] as const;

/** What every migration is called, in order. */
export const MIGRATION_NAMES: readonly string[] = MIGRATIONS.map(({ name }) => name);

const DONE = 'migrations_done';

/** Brings the database up to date; each migration is all or nothing. */
export const migrate = async (sequelize: Sequelize): Promise<void> => {
  await sequelize.query(`CREATE TABLE IF NOT EXISTS ${DONE} (name TEXT PRIMARY KEY) STRICT`);
  const umzug = new Umzug({
    logger: undefined,
    storage: {
      executed: async () =>
        (await sequelize.query<{ name: string }>(`SELECT name FROM ${DONE}`, { type: QueryTypes.SELECT })).map((r) => r.name),
      logMigration: () => Promise.resolve(),
      unlogMigration: () => Promise.resolve(),
    },
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: () =>
        sequelize.transaction(async (transaction) => {
          for (const statement of statements) await sequelize.query(statement, { transaction });
          // Recorded inside the same transaction, so a crash leaves either both or neither.
          await sequelize.query(`INSERT INTO ${DONE} (name) VALUES (?)`, { replacements: [name], transaction });
        }),
    })),
  });
  await umzug.up();
};
