import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { acceptReview as accept } from '../../review/accept-review';
import { checkDose } from '../../sheet/check-dose';
import { findSession } from '../../shared/find';
import { readReview } from '../../review/judge-session';
import { runCommand } from '../../shared/run-command';
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
