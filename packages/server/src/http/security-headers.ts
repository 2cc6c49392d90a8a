import type { RequestHandler } from 'express';
import helmet from 'helmet';

const headers = (isSecure: boolean): RequestHandler =>
  helmet({
    contentSecurityPolicy: {
      directives: {
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'worker-src': ["'self'", 'blob:'],
        'img-src': ["'self'", 'data:'],
        // Over plain http on a LAN address the browser must not rewrite our own links to https.
        'upgrade-insecure-requests': isSecure ? [] : null,
      },
    },
    strictTransportSecurity: isSecure,
  });

/** Helmet's headers; those that ask for TLS only where the visitor came over TLS, here or at a proxy that is trusted. */
export const securityHeaders = (): RequestHandler => {
  const [secure, plain] = [headers(true), headers(false)];
  return (request, response, next) => (request.secure ? secure : plain)(request, response, next);
};
