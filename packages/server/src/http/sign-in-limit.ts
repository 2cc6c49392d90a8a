import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { AppError } from '../shared/errors';

/** Refused tries allowed per name and address within the window: passwords, and codes of ten letters. House defaults. */
export const TRIES = { password: 10, code: 40 } as const;
const WINDOW_MINUTES = 15;

/** Slows down guessing: after so many refused tries for one name from one address, a quarter of an hour of rest. */
export const signInLimit = (tries: number) =>
  rateLimit({
    windowMs: WINDOW_MINUTES * 60_000,
    limit: tries,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    keyGenerator: (request) => {
      const body: unknown = request.body;
      const name =
        body !== null && typeof body === 'object' && 'loginName' in body && typeof body.loginName === 'string'
          ? body.loginName
          : '';
      return `${ipKeyGenerator(request.ip ?? '')} ${name.trim().toLowerCase().slice(0, 120)}`;
    },
    handler: (_request, _response, next) =>
      next(new AppError('too-many-attempts', `Too many wrong tries. Try again in ${WINDOW_MINUTES} minutes.`)),
  });
