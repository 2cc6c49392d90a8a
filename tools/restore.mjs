import { keep } from './lib/keep.mjs';

/** `npm run restore FILE [-- --yes]`: brings a copy back in place of the studio’s database. The server must be stopped. */
await keep('restore');
