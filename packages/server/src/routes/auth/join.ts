import { inviteId } from '../../auth/invite-codes';
import { hashPassword } from '../../auth/passwords';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { enter } from './enter';

const badCode = () => new AppError('bad-code', 'This code is unknown, used or too old. Ask for a new one.');

export const join: Handler<'join'> = async ({ body, cookie }, context) => {
  const passwordHash = await hashPassword(body.password);
  const id = inviteId(body.code);
  const studioId = await context.db.across.studioOfInvite(id);
  if (studioId === null) throw badCode();
  const now = context.clock.now().toISOString();
  const trainer = { id: context.newId(), name: body.trainerName, loginName: body.loginName, passwordHash, createdAt: now };
  await context.db.write(studioId, async (scope) => {
    // Looked up again inside the write, so that a code lets only one in.
    const invite = await scope.one('invites', { id });
    if (!invite || invite.expiresAt <= now) throw badCode();
    if (await scope.isLoginTaken(body.loginName)) {
      throw new AppError('login-taken', 'Somebody signs in with this name already.', [
        { path: 'body.loginName', message: 'is taken: choose another' },
      ]);
    }
    await scope.insert('trainers', trainer);
    await scope.remove('invites', { id });
  });
  return enter(context, { ...trainer, studioId }, cookie);
};
