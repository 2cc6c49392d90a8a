import { REP_SENSOR_PATH } from '@drubo/contracts';
import express from 'express';
import type { Express, RequestHandler } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import type { Context } from '../context';
import { repSensor } from '../devices/rep-sensor';
import { handlers } from '../routes';
import { bindEndpoints } from './bind';
import { docs } from './docs';
import { errorHandler, notFound } from './errors';
import { signInLimit, TRIES } from './sign-in-limit';

/** Largest body a write may have. A whole session's sets are sent one by one. */
const BODY_LIMIT = '200kb';

/** The HTTP application: security headers, logging, the API, its description, then the web app. */
export const makeApp = (context: Context, web: RequestHandler | null): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: context.log,
      autoLogging: { ignore: (request) => !request.url.startsWith('/api/') },
      serializers: {
        req: (request: { id: unknown; method: string; url: string }) => ({
          id: request.id,
          method: request.method,
          url: request.url,
        }),
        res: (response: { statusCode: number }) => ({ statusCode: response.statusCode }),
      },
    }),
  );
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'worker-src': ["'self'", 'blob:'],
          'img-src': ["'self'", 'data:'],
          // Over plain http on a LAN address the browser must not rewrite our own links to https.
          'upgrade-insecure-requests': context.secureCookies ? [] : null,
        },
      },
      strictTransportSecurity: context.secureCookies,
    }),
  );
  const api = express.Router();
  api.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  api.use(express.json({ limit: BODY_LIMIT, strict: false }));
  app.use('/api', api);
  app.use(docs());
  const guards = {
    signIn: signInLimit(TRIES.password),
    join: signInLimit(TRIES.code),
    changePassword: signInLimit(TRIES.code),
  };
  app.get(REP_SENSOR_PATH, repSensor(context));
  app.use(bindEndpoints(context, handlers, guards));
  app.use('/api', notFound);
  app.use(web ?? notFound);
  app.use(errorHandler);
  return app;
};
