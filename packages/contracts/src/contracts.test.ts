import fc from 'fast-check';
import Ajv from 'ajv/dist/2020';
import { changesOf, checkInOf, currentSessionRecords, doseSchema, endpoints, sessionIdFor, sessionRecordFields, urlFor } from '.';
import type { Endpoint, SessionRecordDto } from '.';
import type { PersonId } from '@drubo/core/vocabulary';
import { upgradeBundle } from './bundle';
import { describeApi } from './openapi';

const UNASKED = {
  sleep: null,
  energy: null,
  illness: null,
  painkillers: null,
  soreness: null,
  joints: null,
  morning: null,
  outsideSport: null,
  pressure: null,
  minutes: null,
} as const;

const all = Object.entries(endpoints) as [string, Endpoint][];

describe('the list of endpoints', () => {
  it.each(all)('%s is keyed by its own id and names every id of its path', (key, endpoint) => {
    expect(endpoint.id).toBe(key);
    const inPath = [...endpoint.path.matchAll(/:([A-Za-z]+)/g)].map((match) => match[1]!);
    const params = Object.fromEntries(inPath.map((name) => [name, name === 'slot' ? 'squat' : 'an-id-1234']));
    expect(endpoint.params.safeParse(params).success).toBe(true);
    expect(endpoint.params.safeParse({}).success).toBe(inPath.length === 0);
    if (inPath.length > 0) expect(endpoint.target).not.toBe('none');
  });

  it('no two share a method and path', () => {
    const routes = all.map(([, endpoint]) => `${endpoint.method} ${endpoint.path}`);
    expect(new Set(routes).size).toBe(routes.length);
  });

  it('every write of a signed-in trainer carries a command, but where the reply would keep a secret or a repeat does nothing', () => {
    const secret = new Set(['changePassword', 'makeInvite', 'confirmPassword', 'endDevices', 'makeBackup']);
    for (const [id, endpoint] of all) {
      if (endpoint.method === 'GET' || endpoint.access === 'public' || secret.has(id)) continue;
      const issues = endpoint.body.safeParse({}).error?.issues ?? [];
      expect(issues.map((issue) => issue.path[0])).toContain('command');
    }
  });
});

describe('urls', () => {
  it('fills ids and leaves out empty query values', () => {
    expect(urlFor('/api/people/:personId', { personId: 'a b' }, { search: 'x y', archived: undefined })).toBe(
      '/api/people/a%20b?search=x+y',
    );
    expect(() => urlFor('/api/people/:personId')).toThrow('needs "personId"');
  });

  it('two phones arrive at one session id for one sheet and try', () => {
    fc.assert(
      fc.property(fc.uuid(), fc.nat(9), (sheetId, attempt) => {
        expect(sessionIdFor(sheetId, attempt)).toBe(sessionIdFor(sheetId, attempt));
        expect(sessionIdFor(sheetId, attempt)).not.toBe(sessionIdFor(sheetId, attempt + 1));
      }),
    );
  });
});

describe('the API description', () => {
  const api = describeApi() as { paths: Record<string, Record<string, { operationId: string; requestBody?: object }>> };

  it('describes every endpoint', () => {
    const described = Object.values(api.paths).flatMap((path) => Object.values(path).map((op) => op.operationId));
    expect(described.sort()).toEqual(Object.keys(endpoints).sort());
  });

  it('its body schemas agree with an independent JSON Schema validator (2020-12)', () => {
    // Source: JSON Schema 2020-12, checked with ajv.
    const operation = api.paths['/api/bookings/{bookingId}']!['put']!;
    const { schema } = (operation.requestBody as { content: Record<string, { schema: object }> }).content['application/json']!;
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(schema);
    const good = {
      command: { id: 'command-1', deviceId: 'device-1', deviceSeq: 0 },
      personId: 'person-1',
      date: '2026-11-24',
      time: '09:30',
    };
    for (const [body, ok] of [
      [good, true],
      [{ ...good, time: '25:00' }, false],
      [{ ...good, extra: 1 }, false],
      [{ ...good, personId: 'x' }, false],
    ] as const) {
      expect([validate(body), endpoints.saveBooking.body.safeParse(body).success]).toEqual([ok, ok]);
    }
  });
});

it('a dose whose range is upside down names the field', () => {
  const load = { position: 'none', implements: [], externalKg: 0 };
  const tempo = { lowering: 2, bottom: 0, lifting: 'x', top: 0 };
  const dose = { sets: 3, repsLow: 12, repsHigh: 8, repsBeyond: 0, load, tempo, restSeconds: 90, reserve: 2 };
  expect(doseSchema.safeParse(dose).error?.issues[0]).toMatchObject({ path: ['repsHigh'] });
});

it('a file of before session records is lifted: sessions were live, and nobody said how long they took', () => {
  const old = { version: 5, sessions: [{ id: 'session-1' }] };
  expect(upgradeBundle(old)).toMatchObject({
    version: 12,
    sessions: [{ id: 'session-1', entry: 'live', minutes: null }],
    sessionRecords: [],
  });
});

describe('records of a session', () => {
  const record = (over: Partial<SessionRecordDto>): SessionRecordDto => ({
    id: 'record-01',
    sessionId: 'session-1',
    revision: 1,
    removed: false,
    madeAt: '2026-11-23T08:00:00.000Z',
    receivedAt: null,
    deviceId: 'device-1',
    deviceSeq: 1,
    fields: { kind: 'leave', itemId: 'item-0001', because: 'time' },
    ...over,
  });

  it('the newest revision counts, undone ones are out, order is as they were made', () => {
    const late = record({
      id: 'record-02',
      madeAt: '2026-11-23T08:09:00.000Z',
      fields: { kind: 'note', text: 'late', itemId: null },
    });
    const undone = [record({}), record({ revision: 2, removed: true })];
    const again = record({ revision: 3, fields: { kind: 'leave', itemId: 'item-0001', because: 'pain' } });
    expect(currentSessionRecords([late, ...undone])).toEqual([late]);
    expect(currentSessionRecords([late, again, ...undone])).toEqual([again, late]);
    expect(changesOf([again, late])).toEqual([again.fields]);
  });

  it('the last check-in counts', () => {
    const asked = (minutes: number) => record({ fields: { kind: 'check-in', answers: { ...UNASKED, minutes } } });
    expect([checkInOf([]), checkInOf([asked(20), asked(30)])?.minutes]).toEqual([null, 30]);
  });

  it.each([
    [{ ...UNASKED, minutes: 3 }, 'answers.minutes'],
    [{ ...UNASKED, pressure: { systolic: 120, diastolic: 130 } }, 'answers.pressure.diastolic'],
    [{ ...UNASKED, soreness: [{ muscle: 'glutes', level: 11 }] }, 'answers.soreness.0.level'],
    [{ ...UNASKED, joints: [{ area: 'elbow', side: 'left', pain: 2 }] }, 'answers.joints.0.area'],
  ])('a check-in of %j is refused by name', (answers, path) => {
    const found = sessionRecordFields.safeParse({ kind: 'check-in', answers });
    expect(found.error?.issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });
});

it('standings a file has with its tracks become records of their own: the newest of a ladder, placed by hand where nothing came since', () => {
  const stands = (ladderId: string, rungId: string) => ({
    ladderId,
    rungId,
    variationId: 'x',
    values: {},
    target: null,
    evidence: [],
  });
  const decided = (sessionDate: string) => ({ sessionDate, reasons: [{ code: 'gate-met' }] });
  const placed = { kind: 'placement', ladderId: 'hinge', rungId: 'bar', on: '2026-09-01', why: 'Lifts elsewhere' };
  const lifted = upgradeBundle({
    version: 8,
    tracks: [
      { personId: 'nell', slot: 'squat', standing: stands('squat', 'back'), lastDecision: decided('2026-11-20') },
      { personId: 'nell', slot: 'other', standing: stands('squat', 'goblet'), lastDecision: decided('2026-10-02') },
      { personId: 'nell', slot: 'hinge', standing: stands('hinge', 'bar'), lastDecision: null },
      { personId: 'nell', slot: 'none', standing: null, lastDecision: null },
    ],
    records: [
      { personId: 'nell', removed: false, fields: { ...placed, on: '2026-08-01', why: 'Older' } },
      { personId: 'nell', removed: false, fields: placed },
      { personId: 'odd', removed: false, fields: { ...placed, on: '2026-10-01' } },
    ],
  });
  expect(lifted).toMatchObject({
    version: 12,
    standings: [
      { personId: 'nell', ladderId: 'hinge', rungId: 'bar', on: '2026-09-01', by: 'hand', why: 'Lifts elsewhere', reasons: [] },
      { ladderId: 'squat', rungId: 'back', on: '2026-11-20', by: 'review', why: null, reasons: [{ code: 'gate-met' }] },
    ],
  });
  expect(JSON.stringify((lifted as { tracks: object[] }).tracks)).not.toContain('standing');
});

describe('ids', () => {
  it('of one thing are never taken for those of another, and are made of plain text at the edge', () => {
    const session = endpoints.getSession.params.parse({ sessionId: 'session-0001' });
    const made: PersonId = 'person-0001';
    // @ts-expect-error a session is no person
    const mistaken: PersonId = session.sessionId;
    expect([session.sessionId, made, mistaken]).toEqual(['session-0001', 'person-0001', 'session-0001']);
    expect(endpoints.getPerson.params.safeParse({ personId: 'no' }).success).toBe(false);
  });
});
