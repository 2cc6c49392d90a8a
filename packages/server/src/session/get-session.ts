import { readSession } from './read-session';
import { findSession } from '../shared/find';
import type { Operation } from '../shared/work';

export const getSession: Operation<'getSession'> = async ({ scope, context }, { params }) => {
  return readSession(scope, context, await findSession(scope, params.sessionId));
};
