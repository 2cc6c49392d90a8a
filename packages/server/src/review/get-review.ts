import { readReview } from './judge-session';
import { mustBeFinished } from './must-be-finished';
import { findSession } from '../shared/find';
import type { Operation } from '../shared/work';

export const getReview: Operation<'getReview'> = async ({ scope, context }, { params }) => {
  const session = await findSession(scope, params.sessionId);
  mustBeFinished(session);
  return readReview(scope, context, session);
};
