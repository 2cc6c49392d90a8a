import { openFile } from '../db/one-file';
import type { OneFile } from '../db/one-file';
import { databaseTrouble } from '../db/trouble';
import { StartProblem } from './start-problem';

/**
 * Holds a folder's database for this process alone, by a lock the system lets go of however the process ends. Gives the way
 * to let go. Throws `in-use` where another process holds it.
 */
export const holdHouse = async (lockFile: string): Promise<() => Promise<void>> => {
  let lock: OneFile | null = null;
  try {
    lock = await openFile(lockFile, 'write');
    await lock.run('PRAGMA busy_timeout = 0; PRAGMA journal_mode = MEMORY; PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE');
  } catch (error) {
    await lock?.close();
    if (databaseTrouble(error) !== 'busy') throw error;
    throw new StartProblem(
      'in-use',
      `Another Drubo is running on this folder (${lockFile}). Nothing was changed. Stop that one first, or give this one a folder of its own (DRUBO_DATA_DIR).`,
    );
  }
  const held = lock;
  return () => held.close();
};
