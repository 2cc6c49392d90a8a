import type { SessionRow } from '../db/models';
import { AppError } from '../shared/errors';

export const mustBeFinished = (session: SessionRow): void => {
  if (session.state !== 'finished' && session.state !== 'reviewed') {
    throw new AppError('session-not-finished', 'Finish the session before reviewing it.');
  }
};
