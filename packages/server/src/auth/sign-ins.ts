import { createHash, randomBytes } from 'node:crypto';
import type { Caller, Context } from '../context';
import type { SignInRow, TrainerRow } from '../db/models';
import type { KnownSignIn } from './known-sign-ins';

const HOUR_MS = 3_600_000;
/** A sign-in ends after this at the latest, and after resting for so long: on the trainer's own device, and on any other. House defaults. */
const LASTS_MS = 30 * 24 * HOUR_MS;
const RESTS_MS = { kept: 7 * 24 * HOUR_MS, other: 12 * HOUR_MS } as const;
/** How old the note of when it was last used may be. */
const NOTED_EVERY_MS = 5 * 60_000;
/** How long what was looked up counts: a password set anew at the machine itself ends sign-ins within it. */
const LOOKED_UP_FOR_MS = 60_000;
/** How long a password that was given counts for what asks for it again. */
const CONFIRMED_FOR_MS = 10 * 60_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const msBetween = (from: string, to: string): number => Date.parse(to) - Date.parse(from);

/** What is known of the device somebody signs in on. */
export interface OnDevice {
  name: string;
  isKept: boolean;
}

/** Starts a sign-in and gives the token for the cookie. Only its hash is stored. `maxAgeMs` null: until the browser closes. */
export const startSignIn = async (
  context: Context,
  trainer: Pick<TrainerRow, 'studioId' | 'id'>,
  { name, isKept }: OnDevice,
): Promise<{ token: string; maxAgeMs: number | null }> => {
  const token = randomBytes(32).toString('base64url');
  const now = context.clock.now();
  const at = now.toISOString();
  await context.db.write(trainer.studioId, (scope) =>
    scope.insert('signIns', {
      id: hashOf(token),
      trainerId: trainer.id,
      createdAt: at,
      expiresAt: new Date(now.getTime() + LASTS_MS).toISOString(),
      lastUsedAt: at,
      device: name,
      isKept,
      confirmedAt: at,
    }),
  );
  return { token, maxAgeMs: isKept ? LASTS_MS : null };
};

/** Whether a sign-in still counts: not run out, and not left alone for too long. */
const isAlive = (
  { expiresAt, lastUsedAt, isKept }: Pick<SignInRow, 'expiresAt' | 'lastUsedAt' | 'isKept'>,
  now: string,
): boolean => expiresAt > now && msBetween(lastUsedAt, now) < (isKept ? RESTS_MS.kept : RESTS_MS.other);

/** Notes that it was used, now and then: not worth a write with every request, and nobody waits for it. */
const noteUse = (context: Context, id: string, known: KnownSignIn, now: string): void => {
  if (msBetween(known.lastUsedAt, now) < NOTED_EVERY_MS) return;
  known.lastUsedAt = now;
  context.db
    .write(known.caller.studioId, (scope) => scope.update('signIns', { lastUsedAt: now }, { id }))
    .catch((error: unknown) => context.log.warn({ err: error }, 'when a device was last used could not be noted'));
};

/** Who a cookie's token belongs to, or null for none, an unknown one, one that has run out, or one that rested for too long. */
export const callerOf = async (context: Context, token: string | undefined): Promise<Caller | null> => {
  if (!token) return null;
  const id = hashOf(token);
  const now = context.clock.now().toISOString();
  const asOf = context.knownSignIns.asOf();
  let known = context.knownSignIns.get(id);
  if (!known || msBetween(known.lookedUpAt, now) >= LOOKED_UP_FOR_MS) {
    const row = await context.db.across.signIn(id);
    if (!row) return null;
    const { expiresAt, isKept, ...caller } = row;
    // What was noted a moment ago may not be written yet.
    const lastUsedAt = known && known.lastUsedAt > row.lastUsedAt ? known.lastUsedAt : row.lastUsedAt;
    known = { caller: { ...caller, signInId: id }, expiresAt, lastUsedAt, isKept: Boolean(isKept), lookedUpAt: now };
    context.knownSignIns.remember(id, known, asOf);
  }
  if (!isAlive(known, now)) return null;
  noteUse(context, id, known, now);
  return known.caller;
};

/** Ends a sign-in; an unknown token is already ended. What is remembered of it goes after the row: no request brings it back. */
export const endSignIn = async (context: Context, token: string | undefined): Promise<void> => {
  if (!token) return;
  const id = hashOf(token);
  const studioId = await context.db.across.studioOfSignIn(id);
  if (studioId) await context.db.write(studioId, (scope) => scope.remove('signIns', { id }));
  context.knownSignIns.forgetAll();
};

/** Until when the password given last on this device counts (ISO 8601). */
export const confirmedUntil = (confirmedAt: string): string => new Date(Date.parse(confirmedAt) + CONFIRMED_FOR_MS).toISOString();

/** Whether the password was given on this device within the last minutes. */
export const isConfirmed = async (context: Context, { studioId, signInId }: Caller): Promise<boolean> => {
  const row = await context.db.read(studioId).one('signIns', { id: signInId });
  const confirmedAt = row?.confirmedAt ?? null;
  return confirmedAt !== null && confirmedUntil(confirmedAt) > context.clock.now().toISOString();
};
