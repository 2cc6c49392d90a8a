import { existsSync, mkdirSync, openSync, closeSync, fsyncSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { withFile } from '../db/one-file';
import { inspect } from './inspect';

const flush = (path: string): void => {
  const handle = openSync(path, 'r');
  fsyncSync(handle);
  closeSync(handle);
};

/**
 * Copies a database, in use or not, to a file of its own: one moment of it, without what was deleted, written through to the
 * disk and looked through before it gets its name. `nameAt` gives the copy's path for the moment it covers: everything a
 * server had received by then is in it. Throws where the copy isn't whole.
 */
export const copyDatabase = async (from: string, nameAt: (coversUntil: Date) => string): Promise<string> => {
  let to = '';
  let unfinished = '';
  try {
    await withFile(from, 'write', async (db) => {
      // With the only pen in hand nobody is half way through a write: whatever was received before now is there.
      await db.run('BEGIN IMMEDIATE');
      to = nameAt(new Date());
      await db.run('ROLLBACK');
      unfinished = `${to}.part`;
      mkdirSync(dirname(to), { recursive: true, mode: 0o700 });
      rmSync(unfinished, { force: true });
      await db.run(`VACUUM INTO '${unfinished.replaceAll("'", "''")}'`);
    });
    flush(unfinished);
    const condition = await inspect(unfinished, true);
    if (condition.is !== 'good') {
      throw new Error(`The copy is not whole (${condition.is === 'damaged' ? condition.why : condition.is}).`);
    }
    renameSync(unfinished, to);
    flush(dirname(to));
    return to;
  } catch (error) {
    if (unfinished && existsSync(unfinished)) rmSync(unfinished);
    throw error;
  }
};
