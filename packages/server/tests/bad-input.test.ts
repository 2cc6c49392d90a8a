import { contentOfSheet, endpoints, errorReply, urlFor } from '@drubo/contracts';
import type { Endpoint, EndpointId } from '@drubo/contracts';
import { fillStudio } from './fixture';
import type { Filled } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';
import { badValuesFor, leavesOf, replaced } from './mutate';
import { samplesFor } from './samples';

/** Every route the contract lists. A new one joins these checks by being listed. */
const routes = Object.values(endpoints) as (Endpoint & { id: EndpointId })[];
const writes = routes.filter((route) => route.method !== 'GET');
const named = (list: typeof routes) => list.map((route) => [route.id, route] as const);

let server: TestServer;
let anna: TestClient;
let bert: TestClient;
let own: Filled;
let foreign: Filled;

beforeAll(async () => {
  server = await startTestServer();
  await server.addStudio('bert');
  anna = await server.client('anna');
  bert = await server.client('bert');
  own = await fillStudio(anna, 'own');
  foreign = await fillStudio(bert, 'foreign');
});
stopAfterAll(() => server);

const sampleOf = (route: (typeof routes)[number], on = own) => samplesFor(on)[route.id];

const send = async (
  route: (typeof routes)[number],
  given: { params: object; query: object; body: unknown },
  init: RequestInit = {},
  client = anna,
) => {
  const url = urlFor(route.path, given.params as Record<string, string>, given.query as Record<string, string>);
  const body = route.method === 'GET' ? {} : { body: JSON.stringify(given.body) };
  const headers = { 'content-type': 'application/json' };
  const response = await client.raw(url, { method: route.method, headers, ...body, ...init });
  return { status: response.status, reply: (await response.json()) as unknown };
};

/** Runs refused requests and proves the database is as before. */
const changesNothing = async (work: () => Promise<void>) => {
  const before = await server.dump();
  await work();
  expect(await server.dump()).toBe(before);
};

const refusal = (reply: unknown) => errorReply.parse(reply);

describe.each(named(routes))('%s', (_id, route) => {
  it('its sample is valid, so what follows is refused for the reason given', () => {
    const sample = sampleOf(route);
    expect(route.params.safeParse(sample.params).error).toBeUndefined();
    expect(route.query.safeParse(sample.query).error).toBeUndefined();
    expect(route.body.safeParse(sample.body).error).toBeUndefined();
  });

  it('refuses an unknown query field', () =>
    changesNothing(async () => {
      const { status, reply } = await send(route, { ...sampleOf(route), query: { ...sampleOf(route).query, nonsense: '1' } });
      expect([status, refusal(reply).fields?.map((field) => field.path)]).toEqual([400, ['query.nonsense']]);
    }));

  if (route.access === 'trainer') {
    it('asks for sign-in before anything else', () =>
      changesNothing(async () => {
        const { status, reply } = await send(route, sampleOf(route), {}, await server.client());
        expect([status, refusal(reply).code]).toEqual([401, 'not-signed-in']);
      }));
  }

  if (route.target === 'needs-existing') {
    it('does not know an id nobody has: 404', () =>
      changesNothing(async () => {
        const sample = sampleOf(route);
        const params = Object.fromEntries(
          Object.entries(sample.params).map(([name, value]) => [name, name === 'slot' ? value : 'nobody-has-this']),
        );
        const { status, reply } = await send(route, { ...sample, params });
        expect([status, refusal(reply).code]).toEqual([404, 'not-found']);
      }));

    it("does not know another studio's ids: 404, not 403", () =>
      changesNothing(async () => {
        const { status, reply } = await send(route, sampleOf(route, foreign));
        expect([status, refusal(reply).code]).toEqual([404, 'not-found']);
      }));
  }

  if (route.target !== 'none') {
    it('refuses an id that is no id', () =>
      changesNothing(async () => {
        const sample = sampleOf(route);
        for (const name of Object.keys(sample.params)) {
          const { status, reply } = await send(route, { ...sample, params: { ...sample.params, [name]: 'x!' } });
          expect([status, refusal(reply).fields?.[0]?.path]).toEqual([400, `params.${name}`]);
        }
      }));
  }
});

describe.each(named(writes))('%s, its body', (_id, route) => {
  const leaves = () => leavesOf(sampleOf(route).body).filter(({ path }) => path.length > 0);

  it('refuses a wrong type or a value out of range in any field, naming it', () =>
    changesNothing(async () => {
      for (const { path, value } of leaves()) {
        for (const bad of badValuesFor(value)) {
          const body: unknown = replaced(sampleOf(route).body, path, bad);
          if (route.body.safeParse(body).success) continue;
          const { status, reply } = await send(route, { ...sampleOf(route), body });
          const { code, fields } = refusal(reply);
          const where = `${path.join('.')} = ${JSON.stringify(bad)?.slice(0, 40)}`;
          expect([where, status, code]).toEqual([where, 400, 'invalid-input']);
          const top = `body.${path[0]}`;
          expect([where, fields?.some((field) => field.path.startsWith(top) && field.message.length > 0)]).toEqual([where, true]);
        }
      }
    }));

  it('every number and every text has an end: nothing huge is ever taken', () => {
    for (const { path, value } of leaves()) {
      const huge = typeof value === 'number' ? 1e300 : typeof value === 'string' ? 'x'.repeat(5_000) : null;
      if (huge === null) continue;
      const taken = route.body.safeParse(replaced(sampleOf(route).body, path, huge)).success;
      expect([path.join('.'), taken]).toEqual([path.join('.'), false]);
    }
  });

  it('refuses a field it does not know', () =>
    changesNothing(async () => {
      const { status, reply } = await send(route, {
        ...sampleOf(route),
        body: { ...(sampleOf(route).body as object), extra: 1 },
      });
      expect([status, refusal(reply).fields]).toEqual([400, [{ path: 'body.extra', message: 'is not a field here' }]]);
    }));

  it.each([
    ['malformed JSON', { body: '{"name": ' }, 400, 'malformed-json'],
    ['no JSON at all', { body: 'name=1', headers: { 'content-type': 'text/plain' } }, 415, 'unsupported-media-type'],
    ['a body over the limit', { body: JSON.stringify({ note: 'x'.repeat(300_000) }) }, 413, 'body-too-large'],
    ['a body that is a list', { body: '[]' }, 400, 'invalid-input'],
    ['an empty body', { body: 'null' }, 400, 'invalid-input'],
  ])('refuses %s', (_what, init, wanted, code) =>
    changesNothing(async () => {
      const { status, reply } = await send(route, sampleOf(route), init);
      expect([status, refusal(reply).code]).toEqual([wanted, code]);
    }),
  );

  if (route.access === 'trainer') {
    it("refuses another studio's ids inside the body", () =>
      changesNothing(async () => {
        const theirs = new Map<unknown, unknown>([
          [own.personId, foreign.personId],
          [own.sheet.id, foreign.sheet.id],
          [own.item.id, foreign.item.id],
          [own.finishedItems[0]?.id, foreign.finishedItems[0]?.id],
        ]);
        for (const { path, value } of leaves().filter((leaf) => theirs.has(leaf.value))) {
          const sample = sampleOf(route);
          const { status } = await send(route, { ...sample, body: replaced(sample.body, path, theirs.get(value)) });
          // The ids of a sheet's exercises are the app's to make; another studio's is just a name here, and touches nothing.
          expect(route.id === 'saveSheet' ? [400, 404, 409] : [400, 404]).toContain(status);
        }
      }));
  }
});

describe('values the trade would call nonsense', () => {
  const cases: [string, EndpointId, string, unknown, string][] = [
    [
      'a negative load',
      'logSet',
      'implements',
      [{ pieceId: 'k', type: 'kettlebell', value: -8, unit: 'kg', count: 1 }],
      'body.implements.0.value',
    ],
    ['50,000 reps', 'logSet', 'reps', 50_000, 'body.reps'],
    ['pain of 11', 'logSet', 'jointPain', 11, 'body.jointPain'],
    ['half a rep', 'logSet', 'reps', 7.5, 'body.reps'],
    ['body mass 0', 'savePerson', 'massKg', 0, 'body.massKg'],
    ['a height in metres', 'savePerson', 'heightCm', 1.75, 'body.heightCm'],
    ['a name of spaces', 'savePerson', 'name', '   ', 'body.name'],
    ['a date in 1800', 'saveBooking', 'date', '1800-01-01', 'body.date'],
    ['the 30th of February', 'saveBooking', 'date', '2026-02-30', 'body.date'],
    ['25 o’clock', 'saveBooking', 'time', '25:00', 'body.time'],
    ['a start in 1800', 'startSession', 'startedAt', '1800-01-01T00:00:00.000Z', 'body.startedAt'],
    ['a time zone on the moon', 'saveStudio', 'timeZone', 'Moon/Tranquility', 'body.timeZone'],
    ['a short password', 'createFirstTrainer', 'password', 'short', 'body.password'],
  ];
  it.each(cases)('%s', (_what, id, field, value, path) =>
    changesNothing(async () => {
      const sample = samplesFor(own)[id];
      const refused = await anna.refused(id, { ...sample, body: { ...(sample.body as object), [field]: value } } as never);
      expect([refused.status, refused.fields?.[0]?.path]).toEqual([400, path]);
    }),
  );

  it('a load whose pieces do not add up', () =>
    changesNothing(async () => {
      const dose = { ...own.item.dose, load: { ...own.item.dose.load, externalKg: 999 } };
      const content = contentOfSheet({ ...own.sheet, items: [{ ...own.item, dose }] });
      const refused = await anna.refused('saveSheet', {
        params: { sheetId: own.sheet.id },
        body: { command: aCommand(), version: own.sheet.version, content },
      });
      expect([refused.status, refused.fields?.[0]?.path]).toEqual([400, 'body.content.items.0.dose.load.externalKg']);
    }));

  it('a tempo in which nothing moves, with the nearest that is possible', () =>
    changesNothing(async () => {
      const dose = { ...own.item.dose, tempo: { lowering: 0, bottom: 2, lifting: 0, top: 0 } };
      const content = contentOfSheet({ ...own.sheet, items: [{ ...own.item, dose }] });
      const refused = await anna.refused('saveSheet', {
        params: { sheetId: own.sheet.id },
        body: { command: aCommand(), version: own.sheet.version, content },
      });
      expect(refused).toMatchObject({ status: 400, fields: [{ path: 'body.content.items.0.dose.tempo' }] });
      expect(refused.fields?.[0]?.message).toMatch(/0-2-0-0.*1-2-1-0/);
    }));

  it.each(['/api/nothing-here', '/api/people/%E0%A4%A', '/api/../../etc/passwd'])('%s is nowhere', async (path) => {
    const response = await anna.raw(path);
    expect(response.status).toBe(404);
    expect(errorReply.parse(await response.json()).code).toBe('not-found');
  });
});
