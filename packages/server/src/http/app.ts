import { REP_SENSOR_PATH } from '@drubo/contracts';
import { randomUUID } from 'node:crypto';
import express from 'express';
import type { Express, RequestHandler, Response } from 'express';
import { pinoHttp } from 'pino-http';
import type { Config } from '../config/config';
import type { Context } from '../context';
import { repSensor } from '../devices/rep-sensor';
import { handlers } from '../routes';
import { bindEndpoints, TRAINER_ID } from './bind';
import { docs } from './docs';
import { errorHandler, notFound } from './errors';
import { withoutData } from './logged-error';
import { makeLimits } from './limits';
import { sameHouse } from './same-house';
import { securityHeaders } from './security-headers';

/** Largest body a write may have. A whole session's sets are sent one by one. */
const BODY_LIMIT = '200kb';

/** What stands between the server and its visitors. */
type Outside = Pick<Config, 'trustProxy' | 'hosts'>;

/** The HTTP application: security headers, logging, the API, its description, then the web app. */
export const makeApp = (context: Context, web: RequestHandler | null, { trustProxy, hosts }: Outside): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: context.log,
      autoLogging: { ignore: (request) => !request.url.startsWith('/api/') },
      // Ids and addresses alone: no search words, no bodies, no cookies.
      genReqId: () => randomUUID(),
      customProps: (_request, response) => ({ trainerId: (response as Response).locals[TRAINER_ID] as unknown }),
      serializers: {
        req: (request: { id: unknown; method: string; url: string }) => ({
          id: request.id,
          method: request.method,
          path: request.url.split('?')[0],
        }),
        err: withoutData,
        res: (response: { statusCode: number }) => ({ statusCode: response.statusCode }),
      },
    }),
  );
  if (trustProxy !== null) app.set('trust proxy', trustProxy);
  app.use(securityHeaders());
  app.use(sameHouse(hosts));
  const api = express.Router();
  api.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  api.use(express.json({ limit: BODY_LIMIT, strict: false }));
  app.use('/api', api);
  app.use(docs());
  app.get(REP_SENSOR_PATH, repSensor(context));
  app.use(bindEndpoints(context, handlers, makeLimits()));
  app.use('/api', notFound);
  app.use(web ?? notFound);
  app.use(errorHandler);
  return app;
};
