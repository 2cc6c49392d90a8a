import { parseCookie } from 'cookie';
import type { Request, Response } from 'express';
import type { CookieJar } from './handler';

const NAME = 'drubo_session';

/** The sign-in cookie of a request: httpOnly, same-site, secure under TLS. */
export const cookieJar = (request: Request, response: Response, secure: boolean): CookieJar => {
  const options = { httpOnly: true, sameSite: 'strict', secure, path: '/' } as const;
  return {
    token: parseCookie(request.headers.cookie ?? '')[NAME],
    set: (token, maxAgeMs) => void response.cookie(NAME, token, { ...options, maxAge: maxAgeMs }),
    clear: () => void response.clearCookie(NAME, options),
  };
};
