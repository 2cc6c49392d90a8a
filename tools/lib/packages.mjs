import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createHash } from 'node:crypto';
import { ROOT } from './paths.mjs';
import { capture, run, say } from './run.mjs';
import { findProgram, installDebian } from './system.mjs';

const STAMP = join(ROOT, 'node_modules/.drubo-installed');

/** What sqlite3 is compiled with where no ready-made binary can be had. */
const COMPILERS = { python3: 'python3', make: 'make', 'g++': 'g++' };

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex');

const sqliteWorks = async () => (await capture(process.execPath, ['-e', "require('sqlite3')"])).code === 0;

/** Node's own headers where the system has them, so that compiling fetches nothing. */
const headersEnv = () => {
  const dir = [join(process.execPath, '../..'), '/usr', '/usr/local'].find((root) =>
    existsSync(join(root, 'include/node/node.h')),
  );
  return dir ? { npm_config_nodedir: dir } : {};
};

/** The compilers, installed where we may; without them a ready-made binary may still be found. */
const ensureCompilers = async () => {
  const missing = Object.entries(COMPILERS).filter(([program]) => !findProgram(program));
  if (missing.length === 0) return;
  try {
    await installDebian(
      missing.map(([, name]) => name),
      'building the database driver',
    );
  } catch (error) {
    console.warn(`${error.message}\nGoing on: a ready-made driver may be found.`);
  }
};

/** Installs the packages of the lock file once, and again whenever it changes. */
export const ensurePackages = async () => {
  const wanted = lockHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  await ensureCompilers();
  say('Installing packages (a few minutes the first time)');
  const env = headersEnv();
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { env });
  if (!(await sqliteWorks())) {
    // Some npm versions hold install scripts back; asked for by name, this one runs.
    say('Building the database driver (about two minutes)');
    await run('npm', ['rebuild', 'sqlite3', '--ignore-scripts=false', '--foreground-scripts'], { env });
    if (!(await sqliteWorks())) throw new Error('The database driver does not load. See the output above.');
  }
  writeFileSync(STAMP, wanted);
};
