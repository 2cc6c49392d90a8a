import { keep } from './lib/keep.mjs';

/** `npm run password -- NAME`: sets a trainer’s password anew, from this machine. */
await keep('password');
