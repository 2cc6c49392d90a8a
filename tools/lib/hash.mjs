import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ROOT } from './paths.mjs';

const SKIPPED = new Set(['node_modules', 'dist', '.expo', '.cache', 'tests', 'coverage']);

const filesUnder = (dir) =>
  readdirSync(dir, { withFileTypes: true })
    .filter(({ name }) => !SKIPPED.has(name) && !/\.test\.tsx?$/.test(name))
    .flatMap((entry) => (entry.isDirectory() ? filesUnder(join(dir, entry.name)) : [join(dir, entry.name)]));

/** A short hash over every source file under some folders and files of the project; tests don't count. */
export const hashOf = (folders, files) => {
  const hash = createHash('sha256').update(process.version);
  const all = [...folders.flatMap((folder) => filesUnder(join(ROOT, folder))), ...files.map((file) => join(ROOT, file))].sort();
  for (const file of all) hash.update(relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex').slice(0, 16);
};
