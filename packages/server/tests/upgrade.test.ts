import { QueryTypes, Sequelize } from 'sequelize';
import { bundle as bundleSchema, BUNDLE_VERSION, upgradeBundle } from '@drubo/contracts/bundle';
import { firstTables } from '../src/db/migrations/0001-first-tables';
import { movements } from '../src/db/migrations/0002-movements';
import { judging } from '../src/db/migrations/0003-judging';
import { intake } from '../src/db/migrations/0004-intake';
import { sheets } from '../src/db/migrations/0005-sheets';
import { sessionRecords } from '../src/db/migrations/0006-session-records';
import { migrate } from '../src/db/migrations';
import { addPerson } from './fixture';
import { startTestServer, stopAfterAll } from './harness';
import type { TestServer } from './harness';

type Row = Record<string, string | number | null>;
interface Column {
  name: string;
  type: string;
  notnull: number;
  dflt_value: string | null;
}

/** A database as the release before agreed sheets left it. */
const oldDatabase = async () => {
  const db = new Sequelize({ dialect: 'sqlite', storage: ':memory:', logging: false });
  const before = [firstTables, movements, judging, intake, sheets, sessionRecords];
  await db.query('CREATE TABLE migrations_done (name TEXT PRIMARY KEY) STRICT');
  for (const { name, statements } of before) {
    for (const statement of statements) await db.query(statement);
    await db.query('INSERT INTO migrations_done (name) VALUES (?)', { replacements: [name] });
  }
  await db.query('PRAGMA foreign_keys = OFF');
  const all = (sql: string) => db.query<Row>(sql, { type: QueryTypes.SELECT });
  /** A row with what is given, and something of the right type in every column that has to have one. */
  const insert = async (table: string, given: Row) => {
    const columns = await db.query<Column>(`PRAGMA table_info(${table})`, { type: QueryTypes.SELECT });
    const owed = columns.filter(({ notnull, dflt_value }) => notnull === 1 && dflt_value === null);
    const filled = Object.fromEntries(owed.map(({ name, type }) => [name, type === 'TEXT' ? '{}' : 0]));
    const row = { studioId: 'studio', ...filled, ...given };
    const names = Object.keys({ ...row, studioId: 'studio' });
    await db.query(`INSERT INTO ${table} (${names.join()}) VALUES (${names.map(() => '?').join()})`, {
      replacements: names.map((name) => ({ ...row, studioId: 'studio' })[name] as string | number),
    });
  };
  return { db, all, insert };
};

describe('a database of the release before', () => {
  it('keeps every track: once for whole sheets, on both days for a split; knows who lifted; marks days of their own', async () => {
    const { db, all, insert } = await oldDatabase();
    for (const id of ['whole', 'split']) await insert('people', { id });
    await insert('sheets', {
      id: 's1',
      personId: 'whole',
      shape: 'straight-sets',
      intent: 'build',
      state: 'done',
      createdAt: '1',
    });
    await insert('sheets', {
      id: 's2',
      personId: 'split',
      shape: 'two-day-split',
      splitDay: 'a',
      intent: 'build',
      state: 'done',
      createdAt: '1',
    });
    await insert('sheets', {
      id: 's3',
      personId: 'whole',
      shape: 'straight-sets',
      intent: 'lighter',
      state: 'done',
      createdAt: '0',
    });
    await insert('tracks', { personId: 'whole', slot: 'squat', variationId: 'goblet-squat', dose: '{"sets":3}', leftOut: 0 });
    await insert('tracks', {
      personId: 'split',
      slot: 'hinge',
      variationId: 'dumbbell-romanian-deadlift',
      dose: '{"sets":4}',
      leftOut: 1,
    });
    await insert('sessions', { id: 'one', personId: 'whole', sheetId: 's1' });
    await insert('set_revisions', { id: 'set', sessionId: 'one', externalKg: 12 });

    await migrate(db);

    expect(
      await all('SELECT personId, dayRole, slot, variationId, dose, leftOut FROM tracks ORDER BY personId, dayRole'),
    ).toEqual([
      {
        personId: 'split',
        dayRole: 'a',
        slot: 'hinge',
        variationId: 'dumbbell-romanian-deadlift',
        dose: '{"sets":4}',
        leftOut: 1,
      },
      {
        personId: 'split',
        dayRole: 'b',
        slot: 'hinge',
        variationId: 'dumbbell-romanian-deadlift',
        dose: '{"sets":4}',
        leftOut: 1,
      },
      { personId: 'whole', dayRole: 'all', slot: 'squat', variationId: 'goblet-squat', dose: '{"sets":3}', leftOut: 0 },
    ]);
    expect(await all('SELECT id, dayRole FROM sheets ORDER BY id')).toEqual([
      { id: 's1', dayRole: 'all' },
      { id: 's2', dayRole: 'a' },
      { id: 's3', dayRole: null },
    ]);
    expect(await all('SELECT id, loadedBefore FROM people ORDER BY id')).toEqual([
      { id: 'split', loadedBefore: 0 },
      { id: 'whole', loadedBefore: 1 },
    ]);
    await db.close();
  });
});

describe('standings of a database where tracks had them', () => {
  it('become records: the newest decision of each ladder, else the placement by hand; nothing else of a track is lost', async () => {
    const { db, all, insert } = await oldDatabase();
    await insert('people', { id: 'nell' });
    const standing = (ladderId: string, rungId: string, variationId: string) =>
      JSON.stringify({ ladderId, rungId, variationId, values: { support: 'none' }, target: null, evidence: [{ sets: 3 }] });
    const decided = (sessionDate: string) => JSON.stringify({ sessionDate, reasons: [{ code: 'gate-met' }] });
    const track = (slot: string, stands: string, lastDecision: string | null) =>
      insert('tracks', { personId: 'nell', slot, variationId: 'x', leftOut: 0, standing: stands, lastDecision });
    await track('squat', standing('two-leg-squat', 'back', 'back-squat'), decided('2026-11-20'));
    await track('other', standing('two-leg-squat', 'goblet', 'goblet-squat'), decided('2026-10-02'));
    await track('hinge', standing('two-leg-hinge', 'bar', 'romanian-deadlift'), null);
    const placed = { kind: 'placement', on: '2026-09-01', ladderId: 'two-leg-hinge', rungId: 'bar', why: 'Lifts elsewhere' };
    await insert('person_records', {
      id: 'p1',
      revision: 1,
      personId: 'nell',
      kind: 'placement',
      fields: JSON.stringify(placed),
      removed: 0,
      savedAt: '2026-09-01',
    });
    await migrate(db);
    expect(await all('SELECT * FROM standings ORDER BY ladderId')).toEqual([
      {
        studioId: 'studio',
        personId: 'nell',
        ladderId: 'two-leg-hinge',
        rungId: 'bar',
        variationId: 'romanian-deadlift',
        leverValues: '{"support":"none"}',
        target: null,
        evidence: '[{"sets":3}]',
        stoodOn: '2026-09-01',
        stoodBy: 'hand',
        reasons: '[]',
        why: 'Lifts elsewhere',
      },
      expect.objectContaining({
        ladderId: 'two-leg-squat',
        rungId: 'back',
        stoodOn: '2026-11-20',
        stoodBy: 'review',
        reasons: '[{"code":"gate-met"}]',
        why: null,
      }),
    ]);
    expect(await all('SELECT slot, dayRole FROM tracks ORDER BY slot')).toEqual([
      { slot: 'hinge', dayRole: 'all' },
      { slot: 'other', dayRole: 'all' },
      { slot: 'squat', dayRole: 'all' },
    ]);
    await db.close();
  });
});

describe('a bundle of the release before', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startTestServer();
  });
  stopAfterAll(() => server);

  it('gets days, memory and who lifted before; nothing of it is lost', async () => {
    const anna = await server.client('anna');
    await addPerson(anna, 'person-anna');
    const older = structuredClone(await anna.call('exportStudio')) as unknown as Record<string, Record<string, unknown>[]>;
    const strip = (rows: unknown, keys: readonly string[]): void => {
      for (const row of rows as Record<string, unknown>[]) for (const key of keys) delete row[key];
    };
    strip(older['people'], ['loadedBefore']);
    strip(older['sheets'], ['dayRole']);
    for (const sheet of older['sheets'] ?? []) strip(sheet['items'], ['memory']);
    strip(older['tracks'], ['dayRole', 'memory']);
    const lifted = bundleSchema.parse(upgradeBundle({ ...older, version: 6 }));
    expect(lifted.version).toBe(BUNDLE_VERSION);
    expect(lifted.people[0]).toMatchObject({ id: 'person-anna', loadedBefore: false });
    expect(lifted.sheets[0]).toMatchObject({ dayRole: 'all' });
    expect(lifted.sheets.map(({ items }) => items.length)).toEqual(
      (older['sheets'] ?? []).map(({ items }) => (items as unknown[]).length),
    );
  });
});
