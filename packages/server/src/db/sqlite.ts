import sqlite3 from 'sqlite3';

/**
 * Settings of every connection. They are per connection in SQLite, and Sequelize opens one per transaction.
 * `synchronous = FULL`: an acknowledged write survives a power cut.
 */
export const PRAGMAS = {
  foreign_keys: 'ON',
  journal_mode: 'WAL',
  synchronous: 'FULL',
  busy_timeout: '5000',
  // What is deleted is written over: an erased person is in no free page of the file.
  secure_delete: 'ON',
} as const;

const SCRIPT = Object.entries(PRAGMAS)
  .map(([name, value]) => `PRAGMA ${name} = ${value};`)
  .join('\n');

type Done = (error: Error | null) => void;
type Rows = (error: Error | null, rows: unknown[]) => void;

/** Before every read Sequelize asks what columns a table has. */
const isColumnQuestion = (sql: string): boolean => sql.startsWith('PRAGMA table_info(');

/**
 * The sqlite3 driver as Sequelize takes it, for one database: every connection is set up before anybody may use it,
 * and one that a transaction gave back is kept and handed to the next, because opening a file for every write costs
 * more than the write. What columns a table has is asked once: tables change only in migrations, before any row is
 * read. `closeIdle` really closes what is kept.
 */
export const configuredSqlite = () => {
  const idle: ConfiguredDatabase[] = [];
  const columns = new Map<string, unknown[]>();
  let isClosing = false;

  class ConfiguredDatabase extends sqlite3.Database {
    constructor(file: string, mode: number, opened: Done) {
      const kept = idle.pop();
      if (kept) {
        // As if freshly opened: the caller hears of it a moment later.
        setImmediate(opened, null);
        return kept;
      }
      super(file, mode, (error) => (error ? opened(error) : this.exec(SCRIPT, opened)));
    }

    override all(sql: string, ...rest: unknown[]): this {
      const done = rest.at(-1) as Rows;
      const known = isColumnQuestion(sql) ? columns.get(sql) : undefined;
      if (known) {
        done(null, known);
        return this;
      }
      if (!isColumnQuestion(sql)) return super.all(sql, ...rest);
      return super.all(sql, (error: Error | null, rows: unknown[]) => {
        if (!error) columns.set(sql, rows);
        done(error, rows);
      });
    }

    override close(done?: Done): void {
      if (isClosing) return super.close(done);
      // Fails when nothing is open, as it should be; a transaction left open must not meet the next write.
      this.exec('ROLLBACK', () => {
        if (isClosing) return super.close(done);
        idle.push(this);
        done?.(null);
      });
    }

    closeForGood(done: Done): void {
      super.close(done);
    }
  }

  return {
    driver: { ...sqlite3, Database: ConfiguredDatabase },
    closeIdle: async (): Promise<void> => {
      isClosing = true;
      await Promise.all(
        idle
          .splice(0)
          .map(
            (connection) =>
              new Promise<void>((resolve, reject) => connection.closeForGood((error) => (error ? reject(error) : resolve()))),
          ),
      );
    },
  };
};
