import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's root folder, wherever it was cloned to. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../..');

/** Built things, each under a hash of what it was built from. */
export const CACHE = join(ROOT, '.cache');
