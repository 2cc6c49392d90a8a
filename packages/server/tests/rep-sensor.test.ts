import { REP_SENSOR_PATH, sensorEvent } from '@drubo/contracts';
import type { SensorEventDto } from '@drubo/contracts';
import { believable } from '@drubo/core/sensing';
import { PASSWORD, startTestServer, stopAfterAll } from './harness';
import type { TestServer } from './harness';

let server: TestServer;
let cookie: string;
beforeAll(async () => {
  server = await startTestServer();
  const signedIn = await fetch(`${server.url}/api/auth/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ loginName: 'anna', password: PASSWORD }),
  });
  cookie = (signedIn.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
});
stopAfterAll(() => server);

const ask = (query: string, headers: Record<string, string> = { cookie }) =>
  fetch(`${server.url}${REP_SENSOR_PATH}?${query}`, { headers });
const read = async (query: string): Promise<SensorEventDto[]> => {
  const text = await (await ask(query)).text();
  return text
    .split('\n\n')
    .filter(Boolean)
    .map((message) => sensorEvent.parse(JSON.parse(message.replace(/^data: /, ''))));
};

it('streams one set of reps near the tempo, and says when the load is put down', async () => {
  const events = await read('tempo=3-1-1-0&reps=8&pace=100&seed=7');
  expect(events.at(-1)).toEqual({ kind: 'end' });
  const reps = events.flatMap((event) => (event.kind === 'rep' ? [event.rep] : []));
  expect(believable(reps)).toEqual({ reps, doubted: 0 });
  const mean = reps.reduce((sum, rep) => sum + rep.loweringSeconds, 0) / reps.length;
  expect(mean).toBeGreaterThan(2.7);
  expect(mean).toBeLessThan(3.3);
});

it('the same seed gives the same set, another one another', async () => {
  const [one, again, other] = await Promise.all([7, 7, 8].map((seed) => read(`tempo=1-0-x-0&reps=5&pace=100&seed=${seed}`)));
  expect(again).toEqual(one);
  expect(other).not.toEqual(one);
});

it.each([
  ['tempo=3-1-1&reps=8', 'query.tempo'],
  ['tempo=3-1-1-fast&reps=8', 'query.tempo'],
  ['tempo=3-1-1-0&reps=0', 'query.reps'],
  ['tempo=3-1-1-0&reps=5&pace=0', 'query.pace'],
])('%s is refused by name', async (query, path) => {
  const response = await ask(query);
  const { code, fields } = (await response.json()) as { code: string; fields: { path: string }[] };
  expect([response.status, code, fields[0]?.path.startsWith(path)]).toEqual([400, 'invalid-input', true]);
});

it('nobody listens without signing in', async () => {
  expect((await ask('tempo=3-1-1-0&reps=5', {})).status).toBe(401);
});

it('a phone that goes away ends the set, and the server stands', async () => {
  const gone = new AbortController();
  const response = await fetch(`${server.url}${REP_SENSOR_PATH}?tempo=3-1-1-0&reps=8`, {
    headers: { cookie },
    signal: gone.signal,
  });
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  gone.abort();
  expect((await fetch(`${server.url}/api/health`)).status).toBe(200);
});

it('a device has a few streams and no more, and they end with its sign-in', async () => {
  const slow = 'tempo=3-1-1-0&reps=8&pace=1&seed=7';
  const streams = await Promise.all([1, 2, 3, 4].map(() => ask(slow)));
  expect(streams.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
  expect((await ask(slow)).status).toBe(429);
  await fetch(`${server.url}/api/auth/sign-out`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: '{}',
  });
  // A set at its own pace takes forty seconds; signed out, no more than the rep under way.
  const told = await Promise.all(streams.map((stream) => stream.text()));
  expect(told.every((text) => !text.includes('"end"'))).toBe(true);
}, 20_000);
