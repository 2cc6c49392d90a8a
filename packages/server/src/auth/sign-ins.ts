import { createHash, randomBytes } from 'node:crypto';
import type { Caller, Context } from '../context';
import type { TrainerRow } from '../db/models';

/** Days a sign-in lasts without being asked again. House default. */
const DAYS = 30;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Starts a sign-in and gives the token for the cookie. Only its hash is stored. */
export const startSignIn = async (context: Context, trainer: TrainerRow): Promise<{ token: string; maxAgeMs: number }> => {
  const token = randomBytes(32).toString('base64url');
  const now = context.clock.now();
  const maxAgeMs = DAYS * 86_400_000;
  await context.db.write(trainer.studioId, (scope) =>
    scope.insert('signIns', {
      id: hashOf(token),
      trainerId: trainer.id,
      createdAt: now.toISOString(),
      expiresAt: new Date(now.getTime() + maxAgeMs).toISOString(),
    }),
  );
  return { token, maxAgeMs };
};

/** How many sign-ins are remembered between requests; more than any studio has phones. */
const REMEMBERED = 500;

/** Who a cookie's token belongs to, or null for none, an unknown or an expired one. */
export const callerOf = async (context: Context, token: string | undefined): Promise<Caller | null> => {
  if (!token) return null;
  const id = hashOf(token);
  const now = context.clock.now().toISOString();
  const known = context.knownSignIns.get(id);
  if (known) return known.expiresAt > now ? known.caller : null;
  const row = await context.db.across.signIn(id, now);
  if (!row) return null;
  const { expiresAt, ...caller } = row;
  if (context.knownSignIns.size >= REMEMBERED) context.knownSignIns.clear();
  context.knownSignIns.set(id, { caller, expiresAt });
  return caller;
};

/** Ends a sign-in; an unknown token is already ended. */
export const endSignIn = async (context: Context, token: string | undefined): Promise<void> => {
  if (!token) return;
  const id = hashOf(token);
  context.knownSignIns.delete(id);
  const studioId = await context.db.across.studioOfSignIn(id);
  if (studioId) await context.db.write(studioId, (scope) => scope.remove('signIns', { id }));
};
