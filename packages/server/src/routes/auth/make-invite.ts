import { until } from '../../db/where';
import type { Handler } from '../../http/handler';
import { inviteId, newInviteCode } from '../../auth/invite-codes';

/** Hours a code can be used. House default. */
const HOURS = 72;

export const makeInvite: Handler<'makeInvite'> = async ({ caller }, context) => {
  const code = newInviteCode();
  const now = context.clock.now();
  const expiresAt = new Date(now.getTime() + HOURS * 3_600_000).toISOString();
  await context.db.write(caller.studioId, async (scope) => {
    await scope.remove('invites', { expiresAt: until(now.toISOString()) });
    await scope.insert('invites', { id: inviteId(code), trainerId: caller.trainerId, createdAt: now.toISOString(), expiresAt });
  });
  return { code, expiresAt };
};
