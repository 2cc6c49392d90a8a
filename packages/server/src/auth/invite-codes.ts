import { createHash, randomInt } from 'node:crypto';

/** Letters and digits nobody mixes up when a code is read aloud. */
const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const LENGTH = 10;

/** A code to be said or shown once: about 49 bits, used up by one join. */
export const newInviteCode = (): string => Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');

/** Only the hash of a code is kept. */
export const inviteId = (code: string): string => createHash('sha256').update(code.trim().toUpperCase()).digest('hex');
