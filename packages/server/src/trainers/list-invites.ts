import { after } from '../db/where';
import type { Operation } from '../shared/work';

export const listInvites: Operation<'listInvites'> = async ({ scope, context }) => {
  const now = context.clock.now().toISOString();
  const [open, trainers] = await Promise.all([
    scope.all('invites', { expiresAt: after(now) }, { order: [['expiresAt', 'ASC']] }),
    scope.all('trainers', {}),
  ]);
  const nameOf = new Map(trainers.map(({ id, name }) => [id, name]));
  return open.map(({ id, trainerId, createdAt, expiresAt }) => ({
    id,
    madeBy: nameOf.get(trainerId) ?? '',
    createdAt,
    expiresAt,
  }));
};
