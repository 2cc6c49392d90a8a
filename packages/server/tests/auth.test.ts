import { PASSWORD, startTestServer, stopAfterAll } from './harness';
import type { TestServer } from './harness';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ setUp: false });
});
stopAfterAll(() => server);

const post = (path: string, body: object, cookie = '') =>
  fetch(`${server.url}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(body),
  });

const firstRun = {
  studioName: 'Lamp works',
  unit: 'lb',
  timeZone: 'Europe/Oslo',
  trainerName: 'Anna',
  loginName: '  Anna ',
  password: PASSWORD,
};

it('a fresh server asks for its first trainer, once, even when two ask together', async () => {
  const anonymous = await server.client();
  expect(await anonymous.call('getAuth')).toEqual({ state: 'signed-out', firstRun: true, demo: false });
  const replies = await Promise.all([post('/api/auth/first-run', firstRun), post('/api/auth/first-run', firstRun)]);
  expect(replies.map((reply) => reply.status).sort()).toEqual([200, 409]);
  expect(await anonymous.call('getAuth')).toEqual({ state: 'signed-out', firstRun: false, demo: false });
});

it('signs in with an httpOnly same-site cookie, and out again for good', async () => {
  const reply = await post('/api/auth/sign-in', { loginName: 'ANNA', password: PASSWORD });
  const header = reply.headers.get('set-cookie') ?? '';
  expect(header).toMatch(/HttpOnly/i);
  expect(header).toMatch(/SameSite=Strict/i);
  const cookie = header.split(';')[0] ?? '';
  const me = () => fetch(`${server.url}/api/studio`, { headers: { cookie } });
  expect((await me()).status).toBe(200);
  await post('/api/auth/sign-out', {}, cookie);
  expect((await me()).status).toBe(401);
});

it('stores neither the password nor the cookie as they are', async () => {
  const { models } = server.database;
  const trainer = (await models.trainers.findOne())?.get();
  // Source: PHC string format names the algorithm first.
  expect(trainer?.passwordHash).toMatch(/^\$argon2id\$/);
  const cookie = (await post('/api/auth/sign-in', { loginName: 'anna', password: PASSWORD })).headers.get('set-cookie') ?? '';
  const token = /drubo_session=([^;]+)/.exec(cookie)?.[1] ?? 'none';
  const stored = JSON.stringify(await models.signIns.findAll({ raw: true }));
  expect(stored).not.toContain(token);
});

it('a pound studio starts with a pound rack', async () => {
  const { kits, studio } = await (await server.client('anna')).call('getStudio');
  expect(studio.unit).toBe('lb');
  expect(kits[0]?.pieces.filter((piece) => piece.type === 'dumbbell').every((piece) => piece.unit === 'lb')).toBe(true);
});

it('says the same of a wrong password and an unknown name', async () => {
  const [wrong, unknown] = await Promise.all([
    post('/api/auth/sign-in', { loginName: 'anna', password: 'not this one' }),
    post('/api/auth/sign-in', { loginName: 'nobody', password: 'not this one' }),
  ]);
  expect(wrong.status).toBe(401);
  expect(await wrong.json()).toEqual(await unknown.json());
});

it('after ten wrong tries for a name even the right password has to wait, for that name only', async () => {
  await server.addStudio('bert');
  const tries = [];
  for (let i = 0; i < 10; i += 1) tries.push((await post('/api/auth/sign-in', { loginName: 'bert', password: 'wrong' })).status);
  expect(tries).toEqual(Array(10).fill(401));
  const refused = await post('/api/auth/sign-in', { loginName: 'Bert', password: PASSWORD });
  expect([refused.status, ((await refused.json()) as { code: string }).code]).toEqual([429, 'too-many-attempts']);
  expect((await post('/api/auth/sign-in', { loginName: 'anna', password: PASSWORD })).status).toBe(200);
});

it('an expired sign-in is none', async () => {
  const anna = await server.client('anna');
  await anna.call('getStudio');
  const { now } = server.clock;
  const daysLater = (days: number) => () => new Date(now().getTime() + days * 86_400_000);
  server.clock.now = daysLater(29);
  await anna.call('getStudio');
  server.clock.now = daysLater(31);
  expect((await anna.refused('getStudio')).code).toBe('not-signed-in');
  server.clock.now = now;
});

it('signing out ends the sign-in at once, also one that was just used', async () => {
  const anna = await server.client('anna');
  await anna.call('getStudio');
  await anna.call('signOut', { body: {} });
  expect((await anna.refused('getStudio')).code).toBe('not-signed-in');
});

it('a normal start has no demo button to press', async () => {
  const reply = await post('/api/auth/open-demo', {});
  expect([reply.status, ((await reply.json()) as { code: string }).code]).toEqual([404, 'not-a-demo']);
});
