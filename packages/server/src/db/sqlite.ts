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
} as const;

const SCRIPT = Object.entries(PRAGMAS)
  .map(([name, value]) => `PRAGMA ${name} = ${value};`)
  .join('\n');

/** A connection that is set up before anybody may use it. */
class ConfiguredDatabase extends sqlite3.Database {
  constructor(file: string, mode: number, opened: (error: Error | null) => void) {
    super(file, mode, (error) => (error ? opened(error) : this.exec(SCRIPT, opened)));
  }
}

/** The sqlite3 driver as Sequelize takes it, with the settings above on every connection. */
export const configuredSqlite = { ...sqlite3, Database: ConfiguredDatabase };
