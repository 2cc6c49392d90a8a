import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { firstKit } from '../src/studio/first-kit';
import { QueryTypes, Transaction } from 'sequelize';
import { openDatabase } from '../src/db/database';
import { PRAGMAS } from '../src/db/sqlite';
import { addPerson } from './fixture';
import { startTestServer, stopAfterAll } from './harness';
import type { TestServer } from './harness';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
stopAfterAll(() => server);

it('every setting holds inside a transaction, where Sequelize opens another connection', async () => {
  const { sequelize } = server.database;
  const values = await sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, async (transaction) => {
    const read = async (name: string) =>
      Object.values((await sequelize.query<object>(`PRAGMA ${name}`, { type: QueryTypes.SELECT, transaction }))[0] ?? {})[0];
    return Object.fromEntries(await Promise.all(Object.keys(PRAGMAS).map(async (name) => [name, await read(name)])));
  });
  // Source: SQLite documentation, PRAGMA synchronous: 2 is FULL.
  expect(values).toEqual({ foreign_keys: 1, journal_mode: 'wal', synchronous: 2, busy_timeout: 5000, secure_delete: 1 });
});

it('a write that fails half way leaves nothing, and the next one goes on', async () => {
  const { db } = server.context;
  const studio = (await server.database.models.studios.findOne())!.get();
  const before = await server.dump();
  await expect(
    db.write(studio.id, async (scope) => {
      await scope.insert('kits', firstKit('kit-half', 'Half', 'home', 'kg'));
      throw new Error('half way');
    }),
  ).rejects.toThrow('half way');
  expect(await server.dump()).toBe(before);
  await db.write(studio.id, (scope) => scope.insert('kits', firstKit('kit-whole', 'Whole', 'home', 'kg')));
  expect(await db.read(studio.id).one('kits', { id: 'kit-whole' })).toMatchObject({ name: 'Whole' });
});

it('a row cannot point into another studio', async () => {
  await addPerson(await server.client('anna'), 'person-anna');
  await server.addStudio('bert');
  const booking = { id: 'booking-x', personId: 'person-anna', date: '2026-11-24', time: '09:00', cancelled: false };
  await expect(server.context.db.write('studio-bert', (scope) => scope.insert('bookings', booking))).rejects.toThrow(
    /FOREIGN KEY/,
  );
});

it('two studios may use one id without meeting', async () => {
  await addPerson(await server.client('bert'), 'person-anna', { name: 'Same Id' });
  const { person } = await (await server.client('anna')).call('getPerson', { params: { personId: 'person-anna' } });
  expect(person.name).toBe('Test Person');
});

it('closing waits for a long read that is under way', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'drubo-closing-'));
  const db = await openDatabase(join(folder, 'studio.sqlite'));
  const order: string[] = [];
  let goOn: () => void = () => undefined;
  const mayGoOn = new Promise<void>((resolve) => (goOn = resolve));
  let begin: () => void = () => undefined;
  const hasBegun = new Promise<void>((resolve) => (begin = resolve));
  const reading = db.snapshot('studio-none', async (scope) => {
    begin();
    await mayGoOn;
    await scope.all('people', {});
    order.push('read');
  });
  await hasBegun;
  const closing = db.close().then(() => order.push('closed'));
  // It reads on only now that closing has begun.
  goOn();
  await Promise.all([reading, closing]);
  expect(order).toEqual(['read', 'closed']);
  rmSync(folder, { recursive: true });
});

it('a second process on the folder is turned away, and opening it again afterwards changes nothing', async () => {
  const dataDir = mkdtempSync(join(tmpdir(), 'drubo-twice-'));
  const first = await startTestServer({ dataDir });
  await addPerson(await first.client('anna'), 'person-twice');
  await expect(startTestServer({ setUp: false, dataDir })).rejects.toMatchObject({ kind: 'in-use' });
  const before = await first.dump();
  await first.stop();
  const second = await startTestServer({ setUp: false, dataDir });
  expect(await second.dump()).toBe(before);
  await second.stop();
  rmSync(dataDir, { recursive: true });
});
