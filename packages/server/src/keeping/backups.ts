import { chmodSync, existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { copyDatabase } from './copy';
import { GONE_AFTER_DAYS } from '../shared/gone-after';
import { keptBackups } from './rotation';

const DAY_MS = 86_400_000;

/** A copy that was looked through and found whole. */
export interface Backup {
  file: string;
  /** Everything received until then is in it. */
  coversUntil: Date;
  bytes: number;
}

const NAME = /^studio-(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)(\d{3})Z\.sqlite$/;

/** The moment stands in the name, so that a copy carried elsewhere still says what it covers. */
export const backupName = (at: Date): string => `studio-${at.toISOString().replace(/[-:.]/g, '')}.sqlite`;

const momentIn = (name: string): Date | null => {
  const parts = NAME.exec(name);
  if (!parts) return null;
  const [, year, month, day, hour, minute, second, ms] = parts;
  return new Date(`${year}-${month}-${day}T${hour}:${minute}:${second}.${ms}Z`);
};

/** The copies in a folder, the newest first. */
export const backupsIn = (folder: string): Backup[] => {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => {
      const coversUntil = momentIn(name);
      const file = join(folder, name);
      return coversUntil ? [{ file, coversUntil, bytes: statSync(file).size }] : [];
    })
    .sort((a, b) => b.coversUntil.getTime() - a.coversUntil.getTime());
};

/** Makes a copy of a database in a folder, in use or not. */
export const backUp = async (database: string, folder: string): Promise<Backup> => {
  const file = await copyDatabase(database, (at) => join(folder, backupName(at)));
  chmodSync(file, 0o600);
  const made = backupsIn(folder).find((backup) => backup.file === file);
  if (!made) throw new Error(`${file} is gone again`);
  return made;
};

/** Copies made before a migration: put back where it fails, and of no use once it is old. */
const BEFORE = /^before-.*\.sqlite$/;

/** Takes away the copies that are no longer kept, by age; gives how many. */
export const rotate = (folder: string, now: Date): number => {
  const all = backupsIn(folder);
  const kept = new Set(
    keptBackups(
      all.map(({ coversUntil }) => coversUntil),
      now,
    ).map((at) => at.getTime()),
  );
  const old = all.filter(({ coversUntil }) => !kept.has(coversUntil.getTime()));
  const beforeMigrations = readdirSync(folder)
    .filter((name) => BEFORE.test(name))
    .map((name) => join(folder, name))
    .filter((file) => now.getTime() - statSync(file).mtimeMs > GONE_AFTER_DAYS * DAY_MS);
  for (const file of [...old.map(({ file }) => file), ...beforeMigrations]) rmSync(file);
  return old.length + beforeMigrations.length;
};
