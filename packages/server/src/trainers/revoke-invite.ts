import { AppError } from '../shared/errors';
import type { Operation } from '../shared/work';
import { listInvites } from './list-invites';

export const revokeInvite: Operation<'revokeInvite'> = async (work, given) => {
  const { inviteId: id } = given.params;
  if (!(await work.scope.one('invites', { id })))
    throw new AppError('not-found', 'This code was used, ended or revoked already.');
  await work.scope.remove('invites', { id });
  return listInvites(work, { params: {}, query: {}, body: undefined });
};
