import { copyFileSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { openDatabase } from '../db/database';
import { setFact } from '../db/facts';
import { personOfGrave } from '../db/queries/withdraw';
import type { Scope } from '../db/scope';
import { deleteHealth } from '../person/delete-health';
import { erasePerson } from '../person/erase-person';
import { intakeOf } from '../person/intake-of';
import { importBundle } from '../transfer/import-bundle';
import type { ImportTarget } from '../transfer/import-bundle';
import { AppError } from '../shared/errors';
import { addErased, erasedBeside, erasedOn } from './erased-list';
import type { Grave } from './erased-list';
import { inspect } from './inspect';
import { holdHouse } from './lock';
import { journalsOf, placesOf } from './places';
import { StartProblem } from './start-problem';

/** What was brought back. */
export interface Restored {
  /** Where what was there before lies now; null: nothing was. */
  keptIn: string | null;
  /** How many people, or their health notes, were erased again. */
  erasedAgain: number;
  people: number;
  trainers: readonly { loginName: string; hasPassword: boolean }[];
}

const bad = (message: string): StartProblem => new StartProblem('bad-file', message);

/** A copy of a database, looked through; it is worked on under another name until it is whole. */
const takeCopy = async (from: string, to: string): Promise<void> => {
  const condition = await inspect(from, true);
  if (condition.is === 'absent') throw bad(`${from} holds no database. Nothing was changed. Name a copy that Drubo made.`);
  if (condition.is === 'damaged') throw bad(`${from} is damaged (${condition.why}). Nothing was changed. Take an older copy.`);
  if (condition.is === 'newer') {
    throw bad(
      `${from} was written by a newer Drubo (${condition.unknown.join(', ')}). Nothing was changed. Restore it with that version.`,
    );
  }
  copyFileSync(from, to);
  for (const journal of journalsOf(from)) if (existsSync(journal)) copyFileSync(journal, journal.replace(from, to));
};

const readBundle = (from: string): unknown => {
  try {
    return JSON.parse(readFileSync(from, 'utf8'));
  } catch (error) {
    throw bad(`${from} is no JSON (${error instanceof Error ? error.message : 'no reason given'}). Nothing was changed.`);
  }
};

const loadBundle = async (target: ImportTarget, from: string): Promise<void> => {
  try {
    await importBundle(target, readBundle(from));
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    const fields = (error.fields ?? []).slice(0, 5).map(({ path, message }) => `${path} ${message}`);
    throw bad(`${from} can’t be loaded: ${[error.message, ...fields].join(' ')} Nothing was changed.`);
  }
};

/** Sets what is there aside, in a folder of its own. */
const setAside = (database: string, at: Date): string | null => {
  const files = [database, ...journalsOf(database)].filter((file) => existsSync(file));
  if (files.length === 0) return null;
  const folder = join(dirname(database), `replaced-${at.toISOString().replace(/[-:.]/g, '')}`);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const file of files) renameSync(file, join(folder, basename(file)));
  return folder;
};

/** Erases what a copy still has of somebody erased after it was made, the person or their health notes; false where it has none. */
const eraseAgain = async (scope: Scope, id: string, erasedAt: string): Promise<boolean> => {
  const ofHealth = personOfGrave(id);
  if (ofHealth === null) {
    if (!(await scope.one('people', { id }))) return false;
    await erasePerson(scope, id, erasedAt);
    return true;
  }
  // What was agreed to anew since then stays.
  const { savedAt } = await intakeOf(scope, ofHealth);
  if (savedAt === null || savedAt >= erasedAt) return false;
  await deleteHealth(scope, ofHealth, erasedAt);
  return true;
};

/**
 * Brings a copy back in place of a database: an older one through its migrations, one of our own exports (JSON) as well. Who
 * was erased since stays erased; everybody signs in again; the server begins a new epoch. What was there is kept aside.
 */
export const restore = async (from: string, database: string, now: Date): Promise<Restored> => {
  if (!existsSync(from)) throw bad(`There is no file ${from}. Nothing was changed.`);
  const { lock, erased } = placesOf(database);
  mkdirSync(dirname(database), { recursive: true, mode: 0o700 });
  const letGo = await holdHouse(lock);
  const unfinished = `${database}.restoring`;
  const clean = (): void => [unfinished, ...journalsOf(unfinished)].forEach((file) => rmSync(file, { force: true }));
  try {
    clean();
    const graves: Grave[] = erasedOn([erased, erasedBeside(from)]);
    const isBundle = from.endsWith('.json');
    if (!isBundle) await takeCopy(from, unfinished);
    const opened = await openDatabase(unfinished);
    let restored: Omit<Restored, 'keptIn'>;
    try {
      if (isBundle) await loadBundle({ db: opened, clock: { now: () => now } }, from);
      let erasedAgain = 0;
      for (const { studioId, id, erasedAt } of graves) {
        await opened.write(studioId, async (scope) => {
          if (await eraseAgain(scope, id, erasedAt)) erasedAgain += 1;
        });
      }
      await opened.models.signIns.destroy({ where: {} });
      await opened.models.invites.destroy({ where: {} });
      await setFact(opened.sequelize, 'epoch', randomUUID());
      const trainers = (await opened.models.trainers.findAll({ where: { removedAt: null } })).map((row) => row.get());
      restored = {
        erasedAgain,
        people: await opened.models.people.count(),
        trainers: trainers.map(({ loginName, passwordHash }) => ({ loginName, hasPassword: passwordHash !== null })),
      };
      await opened.checkpoint();
    } finally {
      await opened.close();
    }
    const keptIn = setAside(database, now);
    renameSync(unfinished, database);
    addErased(erased, graves);
    return { ...restored, keptIn };
  } finally {
    clean();
    await letGo();
  }
};
