import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import type { Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { RequestHandler } from 'express';
import pino from 'pino';
import type { Logger } from 'pino';
import { makeKnownSignIns } from './auth/known-sign-ins';
import type { Config } from './config/config';
import type { Context } from './context';
import type { OpenDatabase } from './db/database';
import { makeApp } from './http/app';
import { keepHouse } from './keeping/keeper';
import { openHouse } from './keeping/open-house';
import { StartProblem } from './keeping/start-problem';
import { webApp } from './http/web';
import { codeOf } from './shared/code-of';
import { importBundle } from './transfer/import-bundle';

/** A running server. */
export interface Running {
  url: string;
  context: Context;
  database: OpenDatabase;
  /** Nothing was in the folder: the first visit sets up a studio. */
  isNew: boolean;
  stop(): Promise<void>;
}

/**
 * How long a connection nobody uses is kept: longer than proxies and clients keep theirs, or a request is sent into one that is just being
 * closed. Common practice, no source.
 */
const IDLE_MS = 75_000;
/** Milliseconds open requests get to end before their connections are cut. */
const GRACE_MS = 5_000;

const DAY_MS = 86_400_000;
const clockOf = ({ daysAhead }: Config): Context['clock'] => ({ now: () => new Date(Date.now() + daysAhead * DAY_MS) });

/** Opens the database, loads a bundle into an empty one, and listens. */
export const start = async (
  config: Config,
  clock: Context['clock'] = clockOf(config),
  log: Logger = pino({ level: config.logLevel }),
): Promise<Running> => {
  const house = await openHouse(config.databaseFile, config.mayBeginAnew);
  const db = house.database;
  const keeper = await keepHouse(config.databaseFile, db, log);
  const stopKeeping = async (): Promise<void> => {
    await keeper.stop();
    await house.close();
  };
  const context: Context = {
    db,
    clock,
    catalogue: builtInCatalogue,
    log,
    keeper,
    demo: config.demo,
    newId: randomUUID,
    knownSignIns: makeKnownSignIns(),
  };
  if (config.bundleFile && !(await db.across.hasStudio())) {
    await importBundle(context, JSON.parse(readFileSync(config.bundleFile, 'utf8')));
    await db.checkpoint();
  }
  const app = makeApp(context, await webHandler(config), config);
  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.certFile), key: readFileSync(config.tls.keyFile) }, app)
    : createHttp(app);
  server.keepAliveTimeout = IDLE_MS;
  server.headersTimeout = IDLE_MS + 5_000;
  try {
    await listen(server, config);
  } catch (error) {
    await stopKeeping();
    throw portProblem(error, config);
  }
  const { port } = server.address() as AddressInfo;
  return {
    url: `${config.tls ? 'https' : 'http'}://${config.host === '127.0.0.1' ? 'localhost' : config.host}:${port}`,
    context,
    database: db,
    isNew: house.isNew,
    stop: async () => {
      await closed(server);
      await stopKeeping();
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

const portProblem = (error: unknown, { port, host }: Config): unknown => {
  const code = codeOf(error);
  if (code === 'EADDRINUSE') {
    return new StartProblem(
      'port-in-use',
      `Port ${port} is in use by something else. Nothing was changed. Set PORT to another one.`,
    );
  }
  if (code !== 'EACCES' && code !== 'EADDRNOTAVAIL') return error;
  return new StartProblem(
    'bad-setting',
    `Drubo may not listen at ${host}:${port} (${code}). Nothing was changed. Set HOST and PORT to an address of this machine and a port above 1023.`,
  );
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
