import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';
import { run, say } from './run.mjs';

const isExecutable = (file) => {
  try {
    accessSync(file, constants.X_OK);
    return true;
  } catch {
    // Not there, or not ours to run: either way it can't be used.
    return false;
  }
};

/** Where a program lies on the PATH, or null. */
export const findProgram = (name) =>
  (process.env.PATH ?? '')
    .split(delimiter)
    .map((dir) => join(dir, name))
    .find(isExecutable) ?? null;

/** Whether Debian packages can be installed from here. */
const canInstall = () => process.getuid?.() === 0 && findProgram('apt-get') !== null;

/** Installs Debian packages, or says in one sentence which are missing. */
export const installDebian = async (packages, what) => {
  if (!canInstall()) {
    throw new Error(`${what} needs ${packages.join(', ')}. Install with: sudo apt-get install -y ${packages.join(' ')}`);
  }
  say(`Installing ${packages.join(', ')} (${what})`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], { env });
  await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { env });
};
