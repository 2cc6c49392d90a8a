import { request } from 'node:http';
import fc from 'fast-check';
import { endpoints, urlFor } from '@drubo/contracts';
import type { Endpoint, EndpointId } from '@drubo/contracts';
import { addPerson, fillStudio } from './fixture';
import type { Filled } from './fixture';
import { PASSWORD, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';
import { leavesOf, replaced } from './mutate';
import { samplesFor } from './samples';
import { madeUp, NASTY } from './schema-arbitrary';

/** Requests sent; `npm run soak -- fuzz` asks for many more. */
const REQUESTS = Number(process.env['FUZZ_REQUESTS'] ?? 300);
const SEED = Number(process.env['FUZZ_SEED'] ?? 20261130);
/** So many requests on one made-up part of the studio; then on another, since some erase people. */
const ROUND = 150;
/** So many made up at once. */
const CHUNK = 10;
const AT_ONCE = 4;
/** Stands in every text of the other studio, and nowhere else. */
const FOREIGN = 'zqforeignzq';

type Route = Endpoint & { id: EndpointId };
/** Those that end the caller's own sign-in, or change the password it comes back with, would end the run. */
const ENDS_THE_RUN: readonly EndpointId[] = ['signOut', 'changePassword', 'endDevices', 'removeTrainer', 'setTrainerRole'];
const routes = (Object.values(endpoints) as Route[]).filter(({ id }) => !ENDS_THE_RUN.includes(id));

interface Asked {
  route: Route;
  params: Record<string, string>;
  query: Record<string, string>;
  body: unknown;
}

const idsOf = (on: Filled): string[] =>
  [
    ...leavesOf([on.personId, on.bookingId, on.setId, on.movementId, on.kitId, on.recordId, on.templateId, on.inviteId]),
    ...leavesOf([on.sheet.id, on.item.id, on.item.variationId, on.sessionId, on.finishedSessionId, on.sessionRecordId]),
  ].map(({ value }) => String(value));

/** A sample of an endpoint with some of its leaves replaced. */
const bent = (body: unknown): fc.Arbitrary<unknown> => {
  const leaves = leavesOf(body).filter(({ path }) => path.length > 0);
  if (leaves.length === 0) return fc.constant(body);
  return fc
    .array(fc.tuple(fc.constantFrom(...leaves.map(({ path }) => path)), NASTY), { maxLength: 2 })
    .map((changes) =>
      changes.reduce<unknown>((sofar, [path, by]) => (isPlace(sofar, path) ? replaced(sofar, path, by) : sofar), body),
    );
};
/** Whether a path still leads somewhere after an earlier change. */
const isPlace = (value: unknown, path: readonly (string | number)[]): boolean => {
  let at = value;
  for (const key of path.slice(0, -1)) {
    if (at === null || typeof at !== 'object') return false;
    at = (at as Record<string | number, unknown>)[key];
  }
  return at !== null && typeof at === 'object';
};

const asked = (on: Filled, foreign: Filled): fc.Arbitrary<Asked> => {
  const ids = [...idsOf(on), ...idsOf(foreign).slice(0, 4)];
  const samples = samplesFor(on);
  const asText = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value));
  const texts = (schema: Route['params'], given: object) =>
    fc
      .oneof({ weight: 3, arbitrary: fc.constant<unknown>(given) }, { weight: 2, arbitrary: madeUp(schema, ids) })
      .map((made) =>
        Object.fromEntries(
          Object.entries({ ...given, ...(made !== null && typeof made === 'object' ? made : {}) }).map(([name, value]) => [
            name,
            asText(value) ?? '',
          ]),
        ),
      );
  // Each made once: describing a schema anew for every request would take longer than asking.
  const ofRoutes = routes.map((route) =>
    fc.record<Asked>({
      route: fc.constant(route),
      params: texts(route.params, samples[route.id].params),
      query: texts(route.query, samples[route.id].query),
      body: fc.oneof(bent(samples[route.id].body), madeUp(route.body, ids)),
    }),
  );
  return fc.oneof(...ofRoutes);
};

let server: TestServer;
let anna: TestClient;
let cookie: string;
let foreign: Filled;
beforeAll(async () => {
  server = await startTestServer();
  await server.addStudio('bert');
  const bert = await server.client('bert');
  foreign = await fillStudio(bert, 'foreign');
  await addPerson(bert, 'foreign-person-3', { name: FOREIGN, note: FOREIGN });
  anna = await server.client('anna');
  const entered = await anna.raw('/api/auth/sign-in', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ loginName: 'anna', password: PASSWORD }),
  });
  cookie = (entered.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
});
stopAfterAll(() => server);

const isWellFormed = (text: string): boolean => {
  try {
    encodeURIComponent(text);
    return true;
  } catch {
    // A half of a letter: no address can hold it, so no request can either.
    return false;
  }
};

/** One request on a connection of its own: one kept open may be closed by the server while the next requests are made up. */
const send = ({ route, params, query, body }: Asked): Promise<{ status: number; text: string }> =>
  new Promise((resolve, reject) => {
    const sent = request(
      `${server.url}${urlFor(route.path, params, query)}`,
      { method: route.method, agent: false, headers: { cookie, 'content-type': 'application/json' } },
      (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
        response.on('error', reject);
      },
    );
    sent.on('error', (error) => reject(new Error(`${route.id} ${JSON.stringify(params)}: ${error.message}`)));
    sent.end(route.method === 'GET' ? undefined : JSON.stringify(body ?? {}));
  });

const foreignRows = async (): Promise<string> => {
  const { models } = server.database;
  const rows = await Promise.all(
    [models.people, models.sheets, models.sheetItems, models.sessions, models.setRevisions, models.kits].map((model) =>
      (model as unknown as { findAll(of: object): Promise<object[]> }).findAll({ where: { studioId: 'studio-bert' }, raw: true }),
    ),
  );
  return JSON.stringify(rows);
};

/** Every page there is, read after all of it. */
const everyPage = async (): Promise<void> => {
  for (const id of ['getFloor', 'getStudio', 'getOfflinePack', 'listMovements', 'listTemplates', 'getActivity'] as const) {
    await anna.call(id, { params: {}, query: {} } as never);
  }
  const people = [
    ...(await anna.call('listPeople', { query: { archived: 'yes' } })),
    ...(await anna.call('listPeople', { query: {} })),
  ];
  expect(people.length).toBeGreaterThan(0);
  for (const { id: personId } of people) {
    const { nextSheet, sessions } = await anna.call('getPerson', { params: { personId } });
    await anna.call('getSheet', { params: { sheetId: nextSheet.id } });
    await anna.call('getComposing', { params: { sheetId: nextSheet.id } });
    await anna.call('getTrends', { params: { personId }, query: {} });
    for (const { session } of sessions) {
      await anna.call('getSession', { params: { sessionId: session.id } });
      await anna.call('getSessionHistory', { params: { sessionId: session.id } });
    }
  }
};

it(`${REQUESTS} made-up requests (seed ${SEED}): none breaks the server, none reads or changes another studio, every page still opens`, async () => {
  const before = await foreignRows();
  const by: Record<number, number> = {};
  let requests = asked(foreign, foreign);
  for (let from = 0; from < REQUESTS; from += CHUNK) {
    if (from % ROUND === 0) requests = asked(await fillStudio(anna, `fuzz${from}`), foreign);
    const line = fc
      .sample(requests, { numRuns: Math.min(CHUNK, REQUESTS - from), seed: SEED + from })
      .filter(({ params, query }) => [...Object.values(params), ...Object.values(query)].every(isWellFormed));
    const sender = async (): Promise<void> => {
      for (let one = line.pop(); one; one = line.pop()) {
        const { status, text } = await send(one);
        by[status] = (by[status] ?? 0) + 1;
        const told = { id: one.route.id, params: one.params, query: one.query, body: one.body };
        if (status >= 500 || text.includes(FOREIGN)) throw new Error(`${status}: ${JSON.stringify(told).slice(0, 2_000)}`);
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, sender));
  }
  await everyPage();
  expect(await foreignRows()).toBe(before);
  if (process.env['FUZZ_REQUESTS'] !== undefined)
    console.log(
      Object.entries(by)
        .map(([status, count]) => `${status}: ${count}`)
        .join(', '),
    );
  // Not all refused at the door: what is taken is what could have broken something.
  expect(by[200] ?? 0).toBeGreaterThan(REQUESTS / 10);
}, 3_600_000);
