import { inviteId } from '../../auth/invite-codes';
import { hashPassword } from '../../auth/passwords';
import { refuseWeak } from '../../auth/weak-passwords';
import type { InviteRow } from '../../db/models';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { enter } from './enter';

const badCode = () => new AppError('bad-code', 'This code is unknown, used or too old. Ask for a new one.');

const isGood = (invite: InviteRow | null, now: string): boolean => invite !== null && invite.expiresAt > now;

export const join: Handler<'join'> = async ({ body, cookie, device }, context) => {
  const id = inviteId(body.code);
  const studioId = await context.db.across.studioOfInvite(id);
  const now = context.clock.now().toISOString();
  // Before the costly hash: a made-up code gets no further.
  if (studioId === null || !isGood(await context.db.read(studioId).one('invites', { id }), now)) throw badCode();
  await refuseWeak(body.password, [body.loginName, body.trainerName], 'body.password');
  const passwordHash = await hashPassword(body.password);
  const trainer = {
    id: context.newId(),
    name: body.trainerName,
    loginName: body.loginName,
    passwordHash,
    role: 'trainer' as const,
    removedAt: null,
    createdAt: now,
  };
  await context.db.write(studioId, async (scope) => {
    // Looked up again inside the write, so that a code lets only one in.
    if (!isGood(await scope.one('invites', { id }), now)) throw badCode();
    if (await scope.isLoginTaken(body.loginName)) {
      throw new AppError('login-taken', 'Somebody signs in with this name already.', [
        { path: 'body.loginName', message: 'is taken: choose another' },
      ]);
    }
    await scope.insert('trainers', trainer);
    await scope.remove('invites', { id });
  });
  return enter(context, { ...trainer, studioId }, cookie, { name: device, isKept: true });
};
