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

/** Who a cookie's token belongs to, or null for none, an unknown or an expired one. */
export const callerOf = async (context: Context, token: string | undefined): Promise<Caller | null> => {
  if (!token) return null;
  const { models } = context.db;
  const signIn = (await models.signIns.findOne({ where: { id: hashOf(token) } }))?.get();
  if (!signIn || signIn.expiresAt <= context.clock.now().toISOString()) return null;
  const studio = (await models.studios.findByPk(signIn.studioId))?.get();
  return studio ? { studioId: studio.id, trainerId: signIn.trainerId, timeZone: studio.timeZone } : null;
};

/** Ends a sign-in; an unknown token is already ended. */
export const endSignIn = async (context: Context, token: string | undefined): Promise<void> => {
  if (!token) return;
  const id = hashOf(token);
  const signIn = (await context.db.models.signIns.findOne({ where: { id } }))?.get();
  if (signIn) await context.db.write(signIn.studioId, (scope) => scope.remove('signIns', { id }));
};
