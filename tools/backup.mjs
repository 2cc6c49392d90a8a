import { keep } from './lib/keep.mjs';

/** `npm run backup [-- FOLDER]`: copies the studio’s database, in use or not, and looks the copy through. */
await keep('backup');
