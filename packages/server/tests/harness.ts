import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endpoints, errorReply, urlFor } from '@drubo/contracts';
import type { BodyOf, Endpoint, EndpointId, ErrorReply, ParamsOf, QueryOf, ReplyOf } from '@drubo/contracts';
import type { Logger } from 'pino';
import { hashPassword } from '../src/auth/passwords';
import { firstKit } from '../src/studio/first-kit';
import { start } from '../src/start';
import type { Running } from '../src/start';

/** Monday morning in winter, UTC. */
const NOW = new Date('2026-11-23T08:00:00.000Z');
export const PASSWORD = 'correct horse battery';

export interface CallInput<Id extends EndpointId> {
  params?: ParamsOf<Id>;
  query?: QueryOf<Id>;
  body?: BodyOf<Id>;
}

/** A signed-in (or anonymous) caller of a real server over HTTP. */
export interface TestClient {
  call<Id extends EndpointId>(id: Id, input?: CallInput<Id>): Promise<ReplyOf<Id>>;
  refused<Id extends EndpointId>(id: Id, input?: CallInput<Id>): Promise<ErrorReply & { status: number }>;
  raw(path: string, init?: RequestInit): Promise<Response>;
}

export interface TestServer extends Running {
  clock: { now(): Date };
  dataDir: string;
  client(loginName?: string): Promise<TestClient>;
  addStudio(name: string): Promise<void>;
  /** Every row of every table, to prove that nothing changed. */
  dump(): Promise<string>;
}

const clientFor = (url: string, cookie: string): TestClient => {
  const raw = (path: string, init: RequestInit = {}) => fetch(`${url}${path}`, { ...init, headers: { cookie, ...init.headers } });
  const send = (id: EndpointId, input: { params?: object; query?: object; body?: unknown } = {}) => {
    const endpoint = endpoints[id] as Endpoint;
    const init: RequestInit = { method: endpoint.method };
    if (endpoint.method !== 'GET') {
      init.body = JSON.stringify(input.body ?? {});
      init.headers = { 'content-type': 'application/json' };
    }
    return raw(urlFor(endpoint.path, input.params as Record<string, string>, input.query as Record<string, string>), init);
  };
  return {
    raw,
    call: async (id, input) => {
      const response = await send(id, input);
      const json: unknown = await response.json();
      if (response.status !== 200) throw new Error(`${id}: ${response.status} ${JSON.stringify(json)}`);
      return endpoints[id].reply.parse(json) as never;
    },
    refused: async (id, input) => {
      const response = await send(id, input);
      return { ...errorReply.parse(await response.json()), status: response.status };
    },
  };
};

const cookieOf = (response: Response): string => (response.headers.get('set-cookie') ?? '').split(';')[0] ?? '';

/** Servers a test began and, failing, did not stop: left running they would keep the whole run from ending. */
const begun = new Set<() => Promise<void>>();
afterAll(async () => {
  await Promise.all([...begun].map((stop) => stop()));
});

/** A real server on its own port and data folder, set up with studio A and its trainer `anna`. */
export const startTestServer = async (
  options: {
    setUp?: boolean;
    demo?: boolean;
    dataDir?: string;
    webDir?: string;
    trustProxy?: number;
    hosts?: string[];
    log?: Logger;
  } = {},
): Promise<TestServer> => {
  const dataDir = options.dataDir ?? mkdtempSync(join(tmpdir(), 'drubo-test-'));
  const clock = { now: () => NOW };
  const running = await start(
    {
      port: 0,
      host: '127.0.0.1',
      databaseFile: join(dataDir, 'studio.sqlite'),
      demo: options.demo ?? false,
      mayBeginAnew: false,
      bundleFile: null,
      webDir: options.webDir ?? null,
      webDevUrl: null,
      daysAhead: 0,
      tls: null,
      trustProxy: options.trustProxy ?? null,
      hosts: options.hosts ?? null,
      logLevel: process.env['TEST_LOG'] ?? 'silent',
    },
    clock,
    options.log,
  );
  const url = running.url.replace('localhost', '127.0.0.1');
  const post = (path: string, body: object) =>
    fetch(`${url}${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  if (options.setUp ?? true) {
    await post('/api/auth/first-run', {
      studioName: 'Studio A',
      unit: 'kg',
      timeZone: 'Europe/Oslo',
      trainerName: 'Anna',
      loginName: 'anna',
      password: PASSWORD,
    });
  }
  const stop = async () => {
    // Once: a test may have stopped it already.
    if (!begun.delete(stop)) return;
    await running.stop();
    if (!options.dataDir) rmSync(dataDir, { recursive: true });
  };
  begun.add(stop);
  return {
    ...running,
    url,
    clock,
    dataDir,
    client: async (loginName) =>
      clientFor(url, loginName ? cookieOf(await post('/api/auth/sign-in', { loginName, password: PASSWORD })) : ''),
    addStudio: async (name) => {
      const studioId = `studio-${name}`;
      const createdAt = NOW.toISOString();
      const passwordHash = await hashPassword(PASSWORD);
      await running.context.db.write(studioId, async (scope) => {
        await scope.saveStudio({ version: 1, name, unit: 'kg', timeZone: 'Europe/Oslo', createdAt });
        await scope.insert('trainers', {
          id: `trainer-${name}`,
          name,
          loginName: name,
          passwordHash,
          role: 'owner',
          removedAt: null,
          createdAt,
        });
        await scope.insert('kits', firstKit(`kit-${name}-1`, 'Studio', 'studio', 'kg'));
      });
    },
    dump: async () => {
      const { models } = running.database;
      const tables = await Promise.all(
        Object.entries(models)
          .filter(([name]) => name !== 'signIns')
          .map(async ([name, model]) => [
            name,
            await (model as { findAll(o: object): Promise<object[]> }).findAll({ raw: true }),
          ]),
      );
      return JSON.stringify(tables);
    },
    stop,
  };
};

let count = 0;

/** A fresh command, as a device would number it. */
export const aCommand = () => {
  count += 1;
  return { id: `command-${count}`, deviceId: 'device-test', deviceSeq: count };
};

/** Stops the server after a file's tests. */
export const stopAfterAll = (given: () => TestServer | undefined) => afterAll(async () => given()?.stop());
