import { bundle } from '@drubo/contracts/bundle';
import { importBundle } from '../src/transfer/import-bundle';
import { localDateOf } from '../src/shared/local-date';
import { readConfig } from '../src/config/config';
import { addPerson, aPersonBody, fillStudio } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
  await fillStudio(anna, 'own');
});
stopAfterAll(() => server);

describe('people', () => {
  it('are found by any part of the name, whatever its case or script', async () => {
    await addPerson(anna, 'person-ase', { name: 'Åse Ødegård' });
    const found = await anna.call('listPeople', { query: { search: 'ØDE' } });
    expect(found.map((person) => person.name)).toEqual(['Åse Ødegård']);
  });

  it('leave the list when archived and come back when restored', async () => {
    const archive = (archived: boolean) =>
      anna.call('setPersonArchived', { params: { personId: 'person-ase' }, body: { command: aCommand(), archived } });
    await archive(true);
    const names = async (query: { archived?: 'yes' }) => (await anna.call('listPeople', { query })).map((p) => p.name);
    expect(await names({})).not.toContain('Åse Ødegård');
    expect(await names({ archived: 'yes' })).toEqual(['Åse Ødegård']);
    await archive(false);
    expect(await names({})).toContain('Åse Ødegård');
  });

  it('an unknown body mass stays unknown', async () => {
    const { person, nextSheet } = await addPerson(anna, 'person-unknown', { massKg: null, heightCm: null });
    expect([person.massKg, person.heightCm]).toEqual([null, null]);
    expect(nextSheet.items[0]?.why.load[0]?.code).toBe('load-mass-unknown');
    expect(
      (await anna.refused('savePerson', { params: { personId: 'person-new-9' }, body: aPersonBody({ version: 3 }) })).status,
    ).toBe(404);
  });
});

describe('the floor', () => {
  it('shows the day in the studio’s time zone, with what each person does', async () => {
    const floor = await anna.call('getFloor');
    expect(floor.date).toBe('2026-11-23');
    expect(floor.entries).toHaveLength(1);
    expect(floor.entries[0]?.nextSheet?.items.map((item) => item.sets)).toEqual([2, 2, 2, 2]);
    expect(floor.entries[0]?.liveSessionId).not.toBeNull();
    expect(floor.toReview).toHaveLength(1);
  });

  it('a late evening in UTC is tomorrow in Oslo', () => {
    // Source: Oslo keeps UTC+1 in winter and UTC+2 in summer (IANA time zone database).
    expect(localDateOf(new Date('2026-01-01T23:30:00Z'), 'Europe/Oslo')).toBe('2026-01-02');
    expect(localDateOf(new Date('2026-07-01T22:30:00Z'), 'Europe/Oslo')).toBe('2026-07-02');
    expect(localDateOf(new Date('2026-01-01T23:30:00Z'), 'America/New_York')).toBe('2026-01-01');
  });

  it('a cancelled booking leaves it and can be brought back; a booking can be moved', async () => {
    const params = { bookingId: 'own-booking-1' };
    const cancel = (cancelled: boolean) => anna.call('setBookingCancelled', { params, body: { command: aCommand(), cancelled } });
    await cancel(true);
    expect((await anna.call('getFloor')).entries).toEqual([]);
    await cancel(false);
    const body = { command: aCommand(), personId: 'own-person-1', date: '2026-11-24', time: '07:15' };
    await anna.call('saveBooking', { params, body });
    const times = (await anna.call('getFloor', { query: { date: '2026-11-24' } })).entries.map((entry) => entry.booking.time);
    expect(times).toEqual(['07:15']);
  });

  it('the offline pack carries the booked and the running', async () => {
    const pack = await anna.call('getOfflinePack');
    expect(pack.persons.map((entry) => entry.person.id)).toEqual(['own-person-1']);
    expect(pack.sessions.map((entry) => entry.sets.length)).toEqual([1]);
    expect(pack.people.length).toBe(4);
  });
});

describe('data out and in', () => {
  it('an export is a valid bundle, holds no secret, and comes back the same', async () => {
    const exported = await anna.call('exportStudio');
    expect(bundle.safeParse(exported).success).toBe(true);
    expect(JSON.stringify(exported)).not.toContain('argon2');
    const other = await startTestServer({ setUp: false });
    await importBundle(other.context, exported);
    await other.database.models.trainers.update(
      { passwordHash: (await server.database.models.trainers.findOne())!.get().passwordHash },
      { where: {} },
    );
    expect(await (await other.client('anna')).call('exportStudio')).toEqual(exported);
    await other.stop();
  });

  it('an export says how many rows it has, a line each, and is all of one moment', async () => {
    const reply = await anna.raw('/api/studio/export');
    const text = await reply.text();
    const { sheets, sessions, sets, sessionRecords, decisions, records } = bundle.parse(JSON.parse(text));
    const rows = [sheets, sessions, sets, sessionRecords, decisions, records].reduce((sum, list) => sum + list.length, 0);
    expect(Number(reply.headers.get('drubo-rows'))).toBe(rows);
    expect(text.split('\n').length).toBeGreaterThan(rows);
    // Somebody added while it is under way is not half in it.
    const [late] = await Promise.all([anna.call('exportStudio'), addPerson(anna, 'person-meanwhile')]);
    const known = new Set(late.people.map(({ id }) => id));
    expect(late.sheets.every(({ personId }) => known.has(personId))).toBe(true);
  });

  it('a bad bundle is refused by field and loads nothing', async () => {
    const other = await startTestServer({ setUp: false });
    const exported = await anna.call('exportStudio');
    const broken = { ...exported, people: [{ ...exported.people[0], massKg: -1 }] };
    await expect(importBundle(other.context, broken)).rejects.toMatchObject({
      code: 'invalid-input',
      fields: [{ path: 'bundle.people.0.massKg' }],
    });
    // Nobody could invite, remove or hand on in a studio without an owner.
    const ownerless = { ...exported, trainers: exported.trainers.map((one) => ({ ...one, role: 'trainer' as const })) };
    await expect(importBundle(other.context, ownerless)).rejects.toMatchObject({ fields: [{ path: 'bundle.trainers' }] });
    // A bundle that contradicts itself fails on the database's own keys, and all of it is taken back.
    await expect(importBundle(other.context, { ...exported, people: [] })).rejects.toThrow(/FOREIGN KEY/);
    expect(await other.database.models.studios.count()).toBe(0);
    await other.stop();
  });
});

describe('around the API', () => {
  it('describes itself as JSON and as a page', async () => {
    const json = await anna.raw('/api/docs');
    expect(((await json.json()) as { openapi: string }).openapi).toBe('3.1.0');
    const page = await anna.raw('/api/docs', { headers: { accept: 'text/html' } });
    expect(await page.text()).toContain('/api/sessions/{sessionId}/sets/{setId}');
  });

  it('answers health, sends security headers, and is never cached', async () => {
    const response = await anna.raw('/api/health');
    expect(await response.json()).toMatchObject({ status: 'ok' });
    expect(response.headers.get('content-security-policy')).toContain("script-src 'self'");
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(response.headers.get('x-powered-by')).toBeNull();
  });

  it('saves the studio’s settings against a version', async () => {
    const body = { command: aCommand(), version: 1, name: 'Lamp works', unit: 'lb', timeZone: 'Atlantic/Reykjavik' } as const;
    expect((await anna.call('saveStudio', { body })).studio).toMatchObject({ version: 2, unit: 'lb' });
    expect((await anna.refused('saveStudio', { body: { ...body, command: aCommand() } })).code).toBe('stale-version');
  });
});

describe('configuration', () => {
  it('keeps a real studio and the demo apart, even in one folder', () => {
    const files = ['studio', 'demo'].map((mode) => readConfig({ DRUBO_MODE: mode, DRUBO_DATA_DIR: '/d' }, '/x').databaseFile);
    expect(files).toEqual(['/d/studio.sqlite', '/d/demo.sqlite']);
    expect(readConfig({}, '/x')).toMatchObject({ port: 4600, host: '127.0.0.1', databaseFile: '/x/studio.sqlite' });
  });

  it('takes a proxy by number or by address, and names in small letters', () => {
    expect(readConfig({}, '/x')).toMatchObject({ trustProxy: null, hosts: null });
    expect(readConfig({ TRUST_PROXY: '1' }, '/x').trustProxy).toBe(1);
    expect(readConfig({ TRUST_PROXY: 'loopback, 10.0.0.0/8' }, '/x').trustProxy).toBe('loopback, 10.0.0.0/8');
    expect(readConfig({ DRUBO_HOSTS: 'Studio.example,10.0.0.2' }, '/x').hosts).toEqual(['studio.example', '10.0.0.2']);
  });

  it.each([
    [{ TRUST_PROXY: 'one; two' }, /TRUST_PROXY/],
    [{ DRUBO_HOSTS: 'a b' }, /DRUBO_HOSTS/],
    [{ PORT: 'eighty' }, /PORT/],
    [{ PORT: '70000' }, /PORT/],
    [{ TLS_CERT: 'a.pem' }, /belong together/],
    [{ LOG_LEVEL: 'loud' }, /LOG_LEVEL/],
  ])('names the bad variable: %j', (env, message) => expect(() => readConfig(env, '/x')).toThrow(message));
});
