import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import type { Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { RequestHandler } from 'express';
import pino from 'pino';
import { makeKnownSignIns } from './auth/known-sign-ins';
import type { Config } from './config/config';
import type { Context } from './context';
import { openDatabase } from './db/database';
import type { OpenDatabase } from './db/database';
import { makeApp } from './http/app';
import { webApp } from './http/web';
import { importBundle } from './transfer/import-bundle';

/** A running server. */
export interface Running {
  url: string;
  context: Context;
  database: OpenDatabase;
  stop(): Promise<void>;
}

/** Milliseconds open requests get to end before their connections are cut. */
const GRACE_MS = 5_000;

const DAY_MS = 86_400_000;
const clockOf = ({ daysAhead }: Config): Context['clock'] => ({ now: () => new Date(Date.now() + daysAhead * DAY_MS) });

/** Opens the database, loads a bundle into an empty one, and listens. */
export const start = async (config: Config, clock: Context['clock'] = clockOf(config)): Promise<Running> => {
  const db = await openDatabase(config.databaseFile);
  const context: Context = {
    db,
    clock,
    catalogue: builtInCatalogue,
    log: pino({ level: config.logLevel }),
    demo: config.demo,
    newId: randomUUID,
    knownSignIns: makeKnownSignIns(),
  };
  if (config.bundleFile && !(await db.across.hasStudio())) {
    await importBundle(context, JSON.parse(readFileSync(config.bundleFile, 'utf8')));
  }
  const app = makeApp(context, await webHandler(config), config);
  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.certFile), key: readFileSync(config.tls.keyFile) }, app)
    : createHttp(app);
  await listen(server, config);
  const { port } = server.address() as AddressInfo;
  return {
    url: `${config.tls ? 'https' : 'http'}://${config.host === '127.0.0.1' ? 'localhost' : config.host}:${port}`,
    context,
    database: db,
    stop: async () => {
      await closed(server);
      await db.close();
    },
  };
};

const webHandler = async (config: Config): Promise<RequestHandler | null> => {
  if (config.webDevUrl) {
    const { createProxyMiddleware } = await import('http-proxy-middleware');
    return createProxyMiddleware({ target: config.webDevUrl, changeOrigin: true, ws: true });
  }
  return config.webDir ? webApp(config.webDir) : null;
};

const listen = (server: Server, { port, host }: Config): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });

const closed = (server: Server): Promise<void> =>
  new Promise((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
  });
