import sqlite3 from 'sqlite3';

/** A database file, spoken to directly: to look into one before it is used, to copy one, to hold one. */
export interface OneFile {
  run(sql: string): Promise<void>;
  all<Row>(sql: string): Promise<Row[]>;
  close(): Promise<void>;
}

/** `read`: never writes, and there must be a file. */
export type FileUse = 'read' | 'write';

/** Opens one database file with one connection of its own. */
export const openFile = (file: string, use: FileUse): Promise<OneFile> =>
  new Promise((resolve, reject) => {
    const mode = use === 'read' ? sqlite3.OPEN_READONLY : sqlite3.OPEN_READWRITE | sqlite3.OPEN_CREATE;
    const db = new sqlite3.Database(file, mode, (failed) => {
      if (failed) return reject(failed);
      resolve({
        run: (sql) => new Promise((done, fail) => db.exec(sql, (error) => (error ? fail(error) : done()))),
        all: <Row>(sql: string) =>
          new Promise<Row[]>((done, fail) => db.all(sql, (error, rows) => (error ? fail(error) : done(rows as Row[])))),
        close: () => new Promise((done, fail) => db.close((error) => (error ? fail(error) : done()))),
      });
    });
    db.configure('busyTimeout', 5_000);
  });

/** Does something with one database file and closes it, whatever happens. */
export const withFile = async <Result>(file: string, use: FileUse, work: (db: OneFile) => Promise<Result>): Promise<Result> => {
  const db = await openFile(file, use);
  try {
    return await work(db);
  } finally {
    await db.close();
  }
};
