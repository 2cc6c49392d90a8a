import { AppError } from '../../errors';
import type { Handler } from '../../http/handler';
import { acceptReview as accept } from '../../services/accept-review';
import { checkDose } from '../../services/check-dose';
import { findSession } from '../../services/find';
import { readReview } from '../../services/review';
import { runCommand } from '../../services/run-command';
import type { SessionRow } from '../../db/models';

const mustBeFinished = (session: SessionRow): void => {
  if (session.state !== 'finished' && session.state !== 'reviewed') {
    throw new AppError('session-not-finished', 'Finish the session before reviewing it.');
  }
};

export const getReview: Handler<'getReview'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const session = await findSession(scope, params.sessionId);
  mustBeFinished(session);
  return readReview(scope, context, session);
};

export const acceptReview: Handler<'acceptReview'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'acceptReview', params, body }, async (scope) => {
    const session = await findSession(scope, params.sessionId);
    mustBeFinished(session);
    body.choices.forEach((choice, at) => checkDose(choice.dose, `body.choices.${at}.dose`));
    return accept(scope, context, caller, session, body);
  });
