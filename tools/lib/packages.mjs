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

/** The packages of the lock file, fetched once and again whenever it changes; what has to be compiled is not yet. */
export const fetchPackages = async () => {
  const wanted = lockHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  say('Installing packages');
  await run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(STAMP, wanted);
};

/** The database driver, compiled where it isn't yet. Takes minutes on one core, so other work may go on beside it. */
export const ensureDriver = async () => {
  if (await sqliteWorks()) return;
  await ensureCompilers();
  say('Building the database driver (a few minutes, the first time)');
  const { code, stdout, stderr } = await capture(
    'npm',
    ['rebuild', 'sqlite3', '--ignore-scripts=false', '--foreground-scripts'],
    { env: headersEnv() },
  );
  if (code === 0 && (await sqliteWorks())) return;
  throw new Error(`The database driver does not load.\n${stdout}\n${stderr}`);
};

/** Everything that is needed to build and run, in turn. */
export const ensurePackages = async () => {
  await fetchPackages();
  await ensureDriver();
};
