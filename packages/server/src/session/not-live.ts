import { AppError } from '../shared/errors';

export const notLive = (what: string) => new AppError('session-not-live', `This session ${what}.`);
