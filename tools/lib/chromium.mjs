import { findProgram, installDebian } from './system.mjs';

/** Debian's Chromium, installed where it is missing and we may. Gives its path. */
export const ensureChromium = async () => {
  const given = process.env.CHROMIUM_PATH;
  if (given) return given;
  if (!findProgram('chromium')) await installDebian(['chromium'], 'browser tests');
  const found = findProgram('chromium');
  if (!found) throw new Error('Chromium was installed but is not on the PATH.');
  return found;
};
