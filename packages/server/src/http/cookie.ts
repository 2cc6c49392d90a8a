import { parseCookie } from 'cookie';
import type { Request, Response } from 'express';
import type { CookieJar } from './handler';

const NAME = 'drubo_session';

/**
 * Under TLS the name says that the cookie came over TLS, from this very host: no neighbour can plant one. Over plain http on
 * a LAN a browser takes no such name. Source: RFC 6265bis, 4.1.3.2, from memory.
 */
const nameFor = ({ secure }: Request): string => (secure ? `__Host-${NAME}` : NAME);

/** The token of a request's sign-in cookie; undefined without one. */
export const cookieToken = (request: Request): string | undefined => parseCookie(request.headers.cookie ?? '')[nameFor(request)];

/** The sign-in cookie of a request: httpOnly, same-site, secure under TLS. */
export const cookieJar = (request: Request, response: Response): CookieJar => {
  const name = nameFor(request);
  const options = { httpOnly: true, sameSite: 'strict', secure: request.secure, path: '/' } as const;
  return {
    token: cookieToken(request),
    set: (token, maxAgeMs) => void response.cookie(name, token, maxAgeMs === null ? options : { ...options, maxAge: maxAgeMs }),
    clear: () => void response.clearCookie(name, options),
  };
};
