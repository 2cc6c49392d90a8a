import type { RequestHandler } from 'express';
import { AppError } from '../shared/errors';

const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);

/**
 * Refuses a visitor who came by a name that isn't the server's (where its names are known), and a write that another site's
 * page makes: the cookie is same-site already, this is the second lock. Callers that aren't browsers say no origin.
 */
export const sameHouse =
  (hosts: readonly string[] | null): RequestHandler =>
  (request, _response, next) => {
    if (hosts && !hosts.includes(request.hostname.toLowerCase()) && !hosts.includes(request.host.toLowerCase())) {
      throw new AppError('wrong-host', 'This server does not go by that name.');
    }
    const { origin } = request.headers;
    if (request.method !== 'GET' && request.method !== 'HEAD' && origin !== undefined && hostOf(origin) !== request.host) {
      throw new AppError('wrong-origin', 'Another site’s page can’t write here.');
    }
    next();
  };
