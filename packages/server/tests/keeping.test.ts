import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addDays, formatISO } from 'date-fns';
import { MIGRATIONS } from '../src/db/migrations';
import { withFile } from '../src/db/one-file';
import { hashPassword } from '../src/auth/passwords';
import { backupName, backupsIn, backUp, rotate } from '../src/keeping/backups';
import { inspect } from '../src/keeping/inspect';
import { openHouse } from '../src/keeping/open-house';
import { resetPassword } from '../src/keeping/reset-password';
import { restore } from '../src/keeping/restore';
import { keptBackups } from '../src/keeping/rotation';
import { EXIT_CODES } from '../src/keeping/start-problem';
import { addPerson, finish, logAll, startOn } from './fixture';
import { aCommand, PASSWORD, startTestServer } from './harness';
import type { TestServer } from './harness';

const folders: string[] = [];
const aFolder = (): string => {
  const folder = mkdtempSync(join(tmpdir(), 'drubo-keeping-'));
  folders.push(folder);
  return folder;
};
afterAll(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

const NOW = new Date('2026-11-23T08:00:00.000Z');

/** A studio in a folder, with two people, stopped again unless it is to go on. */
const aStudio = async (dataDir = aFolder()): Promise<{ server: TestServer; dataDir: string; database: string }> => {
  const server = await startTestServer({ dataDir });
  const anna = await server.client('anna');
  await addPerson(anna, 'person-stays', { name: 'Stays Here' });
  await addPerson(anna, 'person-goes', { name: 'Goes Away' });
  return { server, dataDir, database: join(dataDir, 'studio.sqlite') };
};

/** A database as the release before this one's last migration left it, with a trainer. */
const makeOld = (file: string): Promise<void> =>
  withFile(file, 'write', async (db) => {
    await db.run('CREATE TABLE migrations_done (name TEXT PRIMARY KEY) STRICT');
    for (const { name, statements } of MIGRATIONS.filter((migration) => migration.name < '0010')) {
      for (const statement of statements) await db.run(statement);
      await db.run(`INSERT INTO migrations_done (name) VALUES ('${name}')`);
    }
    await db.run(`INSERT INTO studios (id, version, name, unit, timeZone, createdAt)
      VALUES ('studio-old', 1, 'Old', 'kg', 'Europe/Oslo', '2026-01-01T00:00:00.000Z')`);
    await db.run(`INSERT INTO trainers (studioId, id, name, loginName, passwordHash, createdAt)
      VALUES ('studio-old', 'trainer-old', 'Anna', 'anna', 'a hash', '2026-01-01T00:00:00.000Z')`);
    await db.run(`INSERT INTO people (studioId, id, version, name, goal, trainingAge, minutes, note, createdAt)
      VALUES ('studio-old', 'person-old', 1, 'Old Hand', 'move-well', 'novice', 45, '', '2026-01-01T00:00:00.000Z')`);
    await db.run(`INSERT INTO sheets (studioId, id, personId, version, attempt, state, createdAt)
      VALUES ('studio-old', 'sheet-old', 'person-old', 1, 0, 'done', '2026-01-01T00:00:00.000Z')`);
    await db.run(`INSERT INTO sessions (studioId, id, sheetId, personId, state, date, startedAt, note)
      VALUES ('studio-old', 'session-old', 'sheet-old', 'person-old', 'reviewed', '2026-01-01', '2026-01-01T00:00:00.000Z', '')`);
    const replies = {
      'command-of-nobody': { id: 'kit-0001' },
      'command-of-set': { id: 'set-0001', sessionId: 'session-old' },
      'command-of-start': { session: { id: 'session-old', personId: 'person-old' } },
    };
    for (const [id, reply] of Object.entries(replies)) {
      await db.run(`INSERT INTO commands (studioId, id, trainerId, endpointId, fingerprint, reply, receivedAt)
        VALUES ('studio-old', '${id}', 'trainer-old', 'x', 'x', '${JSON.stringify(reply)}', '2026-01-01T00:00:00.000Z')`);
    }
  });

const namesIn = async (server: TestServer): Promise<string[]> =>
  (await (await server.client('anna')).call('listPeople')).map(({ name }) => name).sort();

describe('which copies are kept', () => {
  const daily = Array.from({ length: 60 }, (_, back) => addDays(NOW, -back));

  it('seven days’ and five weeks’ newest, and none older than 35 days', () => {
    const kept = keptBackups(daily, NOW).map((at) => formatISO(at, { representation: 'date' }));
    // 2026-11-23 is a Monday: its week has one day yet; the weeks before are kept by their Sundays.
    expect(kept).toEqual([
      '2026-11-23',
      '2026-11-22',
      '2026-11-21',
      '2026-11-20',
      '2026-11-19',
      '2026-11-18',
      '2026-11-17',
      '2026-11-15',
      '2026-11-08',
      '2026-11-01',
    ]);
  });

  it('the newest stays however old it is: better an old one than none', () =>
    expect(keptBackups([addDays(NOW, -90), addDays(NOW, -100)], NOW)).toEqual([addDays(NOW, -90)]));

  it('of two in a day the later', () => {
    const [early, late] = [new Date('2026-11-23T01:00:00Z'), new Date('2026-11-23T02:00:00Z')];
    expect(keptBackups([early, late], NOW)).toEqual([late]);
  });

  it('what is not kept is taken away, and nothing else in the folder', () => {
    const folder = aFolder();
    for (const at of daily) writeFileSync(join(folder, backupName(at)), 'x');
    writeFileSync(join(folder, 'mine.sqlite'), 'x');
    // A copy made before a migration holds whoever was erased since: it goes at the same age.
    for (const [name, back] of [
      ['before-0009-old.sqlite', 36],
      ['before-0010-young.sqlite', 34],
    ] as const) {
      writeFileSync(join(folder, name), 'x');
      utimesSync(join(folder, name), addDays(NOW, -back), addDays(NOW, -back));
    }
    expect(rotate(folder, NOW)).toBe(51);
    expect(readdirSync(folder)).toContain('before-0010-young.sqlite');
    expect(readdirSync(folder)).not.toContain('before-0009-old.sqlite');
    expect(readdirSync(folder)).toContain('mine.sqlite');
    expect(backupsIn(folder)).toHaveLength(10);
  });
});

describe('a copy while the server runs', () => {
  it('is whole, private, and holds everything received before it', async () => {
    const { server, database } = await aStudio();
    const anna = await server.client('anna');
    const folder = aFolder();
    // Writes go on while it is made.
    const writing = Promise.all(Array.from({ length: 8 }, (_, at) => addPerson(anna, `person-busy-${at}`)));
    const made = await backUp(database, folder);
    await writing;
    expect(await inspect(made.file, true)).toEqual({ is: 'good', pending: [] });
    expect(statSync(made.file).mode & 0o777).toBe(0o600);
    const covered = await withFile(made.file, 'read', (db) =>
      db.all<{ id: string }>(`SELECT id FROM people`).then((rows) => new Set(rows.map(({ id }) => id))),
    );
    expect(covered.has('person-stays')).toBe(true);
    expect(readdirSync(folder).filter((name) => name.endsWith('.part'))).toEqual([]);
    await server.stop();
  });

  it('what was written meanwhile is not taken for covered: an answer’s time lies after its work', async () => {
    const { server } = await aStudio();
    const anna = await server.client('anna');
    const headers = { 'content-type': 'application/json' };
    const reply = await anna.raw('/api/studio/backups', { method: 'POST', headers, body: '{}' });
    const { made } = (await reply.json()) as { made: { coversUntil: string }[] };
    expect((reply.headers.get('drubo-time') ?? '') > (made[0]?.coversUntil ?? '~')).toBe(true);
    await server.stop();
  });

  it('is listed, told to phones, and too old after two days', async () => {
    const { server } = await aStudio();
    const anna = await server.client('anna');
    expect(await anna.call('listBackups')).toMatchObject({ made: [], isOverdue: true });
    const { made, isOverdue } = await anna.call('makeBackup', { body: {} });
    expect([made.length, isOverdue]).toEqual([1, false]);
    const told = (await anna.raw('/api/studio')).headers;
    expect(told.get('drubo-covered-until')).toBe(made[0]?.coversUntil);
    expect(server.context.keeper.isOverdue(new Date(Date.now() + 47 * 3_600_000))).toBe(false);
    expect(server.context.keeper.isOverdue(new Date(Date.now() + 49 * 3_600_000))).toBe(true);
    await server.stop();
  });
});

describe('bringing a copy back', () => {
  it('lets the trainer in with the password of then, forgets every sign-in, begins a new epoch, and trains on', async () => {
    const { server, dataDir, database } = await aStudio();
    const anna = await server.client('anna');
    const copy = await backUp(database, aFolder());
    await addPerson(anna, 'person-late', { name: 'Came Later' });
    const { epoch } = server.database;
    await server.stop();
    const restored = await restore(copy.file, database, NOW);
    expect(restored).toMatchObject({ people: 2, erasedAgain: 0, trainers: [{ loginName: 'anna', hasPassword: true }] });
    // What was there is kept.
    expect((await inspect(join(restored.keptIn!, 'studio.sqlite'))).is).toBe('good');

    const back = await startTestServer({ setUp: false, dataDir });
    expect(back.database.epoch).not.toBe(epoch);
    expect((await back.database.models.signIns.findAll()).length).toBe(0);
    expect(await namesIn(back)).toEqual(['Goes Away', 'Stays Here']);
    const again = await back.client('anna');
    const { nextSheet } = await again.call('getPerson', { params: { personId: 'person-stays' } });
    const { session, sheet } = await startOn(again, nextSheet);
    await logAll(again, session.id, sheet);
    await finish(again, session.id);
    await back.stop();
  });

  it('takes a phone’s writes again by their ids: those it has once, those it lost anew', async () => {
    const { server, dataDir, database } = await aStudio();
    const anna = await server.client('anna');
    const note = (id: string, text: string) => ({
      params: { personId: 'person-stays', recordId: id },
      body: {
        command: aCommand(),
        fields: { kind: 'note' as const, on: '2026-11-23', text, pinned: false, watch: false },
      },
    });
    const [before, after] = [note('record-before', 'Before the copy'), note('record-after', 'After the copy')];
    await anna.call('saveRecord', before);
    const copy = await backUp(database, aFolder());
    await anna.call('saveRecord', after);
    await server.stop();
    await restore(copy.file, database, NOW);
    const back = await startTestServer({ setUp: false, dataDir });
    const again = await back.client('anna');
    for (const sent of [before, after]) await again.call('saveRecord', sent);
    const records = await again.call('listRecords', { params: { personId: 'person-stays' } });
    const notes = records.filter(({ fields }) => fields.kind === 'note');
    expect(notes.map(({ id, revision }) => [id, revision]).sort()).toEqual([
      ['record-after', 1],
      ['record-before', 1],
    ]);
    await back.stop();
  });

  it('brings nobody back who was erased since', async () => {
    const { server, dataDir, database } = await aStudio();
    const copy = await backUp(database, aFolder());
    const anna = await server.client('anna');
    await anna.call('erasePerson', { params: { personId: 'person-goes' }, body: { command: aCommand() } });
    await server.stop();
    expect(await restore(copy.file, database, NOW)).toMatchObject({ erasedAgain: 1, people: 1 });
    const back = await startTestServer({ setUp: false, dataDir });
    expect(await namesIn(back)).toEqual(['Stays Here']);
    expect(await (await back.client('anna')).refused('getPerson', { params: { personId: 'person-goes' } })).toMatchObject({
      status: 410,
    });
    await back.stop();
  });

  it('nor the health notes of somebody who took their consent back, unless they agreed anew before the copy', async () => {
    const { server, dataDir, database } = await aStudio();
    const anna = await server.client('anna');
    const at = (minutes: number) => (server.clock.now = () => new Date(NOW.getTime() + minutes * 60_000));
    const withdraw = (personId: string) =>
      anna.call('withdrawConsent', { params: { personId }, body: { command: aCommand(), then: 'delete' } });
    at(1);
    await withdraw('person-stays');
    at(2);
    const agreed = { consentOn: '2026-11-23', medicine: 'an inhaler' };
    await anna.call('saveIntake', { params: { personId: 'person-stays' }, body: { command: aCommand(), fields: agreed } });
    const copy = await backUp(database, aFolder());
    at(3);
    await withdraw('person-goes');
    await server.stop();
    expect(await restore(copy.file, database, NOW)).toMatchObject({ erasedAgain: 1, people: 2 });
    const back = await startTestServer({ setUp: false, dataDir });
    const again = await back.client('anna');
    const intakeOf = async (personId: string) => (await again.call('getPerson', { params: { personId } })).intake;
    expect(await intakeOf('person-stays')).toMatchObject(agreed);
    expect(await intakeOf('person-goes')).toMatchObject({ consentOn: null, answers: {} });
    await back.stop();
  });

  it('a consent that was taken back twice is known by the last time', async () => {
    const { server, dataDir, database } = await aStudio();
    const anna = await server.client('anna');
    const params = { personId: 'person-stays' };
    const at = (minutes: number) => (server.clock.now = () => new Date(NOW.getTime() + minutes * 60_000));
    const withdraw = () => anna.call('withdrawConsent', { params, body: { command: aCommand(), then: 'delete' } });
    at(1);
    await withdraw();
    at(2);
    await anna.call('saveIntake', { params, body: { command: aCommand(), fields: { consentOn: '2026-11-23', medicine: 'x' } } });
    const copy = await backUp(database, aFolder());
    at(3);
    await withdraw();
    await server.stop();
    expect(await restore(copy.file, database, NOW)).toMatchObject({ erasedAgain: 1 });
    const back = await startTestServer({ setUp: false, dataDir });
    const { intake } = await (await back.client('anna')).call('getPerson', { params });
    expect(intake).toMatchObject({ consentOn: null, medicine: '' });
    await back.stop();
  });

  it.each([
    ['made before it loses the notes', 1, ''],
    ['made after it comes back whole, and knows of it', 3, 'agreed again'],
  ])('an export and a consent taken back: one %s', async (_what, exportedAt, medicine) => {
    const { server, dataDir, database } = await aStudio();
    const anna = await server.client('anna');
    const params = { personId: 'person-stays' };
    const at = (minutes: number) => (server.clock.now = () => new Date(NOW.getTime() + minutes * 60_000));
    const file = join(aFolder(), 'export.json');
    const agreed = { consentOn: '2026-11-23', medicine: 'agreed again' };
    const write = async () => writeFileSync(file, JSON.stringify(await anna.call('exportStudio')));
    at(1);
    await anna.call('saveIntake', { params, body: { command: aCommand(), fields: agreed } });
    if (exportedAt === 1) await write();
    at(2);
    await anna.call('withdrawConsent', { params, body: { command: aCommand(), then: 'delete' } });
    at(3);
    await anna.call('saveIntake', { params, body: { command: aCommand(), fields: agreed } });
    if (exportedAt === 3) await write();
    await server.stop();
    await restore(file, database, new Date(NOW.getTime() + 10 * 60_000));
    const back = await startTestServer({ setUp: false, dataDir });
    const { withdrawals, intakes } = back.database.models;
    const intake = await intakes.findOne({ where: { personId: 'person-stays' } });
    expect([await withdrawals.count(), intake?.get().fields.medicine]).toEqual([1, medicine]);
    await back.stop();
  });

  it('our own export comes back the same way, and its trainer with a new password', async () => {
    const { server, database: old } = await aStudio();
    const exported = await (await server.client('anna')).call('exportStudio');
    await server.stop();
    expect(existsSync(old)).toBe(true);
    const dataDir = aFolder();
    const file = join(aFolder(), 'export.json');
    writeFileSync(file, JSON.stringify(exported));
    const database = join(dataDir, 'studio.sqlite');
    expect(await restore(file, database, NOW)).toMatchObject({
      keptIn: null,
      people: 2,
      trainers: [{ loginName: 'anna', hasPassword: false }],
    });
    const back = await startTestServer({ setUp: false, dataDir });
    await back.database.models.trainers.update({ passwordHash: await hashPassword(PASSWORD) }, { where: { loginName: 'anna' } });
    expect(await namesIn(back)).toEqual(['Goes Away', 'Stays Here']);
    await back.stop();
  });

  it('an older copy goes through its migrations', async () => {
    const folder = aFolder();
    const old = join(folder, 'old.sqlite');
    await makeOld(old);
    expect(await inspect(old)).toEqual({
      is: 'good',
      pending: ['0010-trust', '0011-unfitted', '0012-withdrawals', '0013-weeks', '0014-seconds-left'],
    });
    const database = join(aFolder(), 'studio.sqlite');
    expect(await restore(old, database, NOW)).toMatchObject({ trainers: [{ loginName: 'anna', hasPassword: true }] });
    expect(await inspect(database)).toEqual({ is: 'good', pending: [] });
    // Whose answers they were is known now, though they name a session alone: they go when that person is erased.
    const whose = await withFile(database, 'read', (db) => db.all('SELECT id, personId FROM commands ORDER BY id'));
    expect(whose).toEqual([
      { id: 'command-of-nobody', personId: null },
      { id: 'command-of-set', personId: 'person-old' },
      { id: 'command-of-start', personId: 'person-old' },
    ]);
  });

  it.each([
    ['no file', () => join(aFolder(), 'nothing.sqlite'), /no file/],
    ['no database', () => asFile('notes.sqlite', 'shopping list'), /damaged/],
    ['somebody else’s database', () => join(aFolder(), 'other.sqlite'), /not one of Drubo/],
    ['no JSON', () => asFile('export.json', '{'), /no JSON/],
    ['no bundle', () => asFile('export.json', '{"format":"something"}'), /not a Drubo bundle/],
  ])('%s is refused, and what is there stays', async (what, make, why) => {
    const { server, database } = await aStudio();
    await server.stop();
    const file = make();
    if (what.startsWith('somebody')) await withFile(file, 'write', (db) => db.run('CREATE TABLE cats (name TEXT)'));
    const before = readFileSync(database);
    await expect(restore(file, database, NOW)).rejects.toMatchObject({
      kind: 'bad-file',
      message: expect.stringMatching(why) as string,
    });
    expect(readFileSync(database).equals(before)).toBe(true);
  });

  it('one by a newer Drubo is refused', async () => {
    const { server, database } = await aStudio();
    await server.stop();
    const newer = join(aFolder(), 'newer.sqlite');
    copyFileSync(database, newer);
    await withFile(newer, 'write', (db) => db.run(`INSERT INTO migrations_done (name) VALUES ('0999-later')`));
    await expect(restore(newer, database, NOW)).rejects.toThrow(/newer Drubo \(0999-later\)/);
  });

  it('not while a server runs on it', async () => {
    const { server, database } = await aStudio();
    const copy = await backUp(database, aFolder());
    await expect(restore(copy.file, database, NOW)).rejects.toMatchObject({ kind: 'in-use' });
    await server.stop();
  });
});

const asFile = (name: string, text: string): string => {
  const file = join(aFolder(), name);
  writeFileSync(file, text);
  return file;
};

describe('a password set anew from the machine', () => {
  it('lets in with it and with no other, on every device anew', async () => {
    const { server, dataDir, database } = await aStudio();
    const phone = await server.client('anna');
    // The server may be running.
    await resetPassword(database, ' Anna ', 'a pier in the fog');
    server.clock.now = () => new Date(NOW.getTime() + 61_000);
    expect(await phone.refused('getStudio')).toMatchObject({ status: 401 });
    const nobody = await server.client();
    expect(await nobody.refused('signIn', { body: { loginName: 'anna', password: PASSWORD } })).toMatchObject({ status: 401 });
    const { state } = await nobody.call('signIn', { body: { loginName: 'anna', password: 'a pier in the fog' } });
    expect(state).toBe('signed-in');
    await server.stop();
    expect(existsSync(dataDir)).toBe(true);
  });

  it.each([
    ['too short', 'anna', 'short', /at least 10 characters/],
    ['tried first', 'anna', 'password1234', /guessed too easily/],
    ['nobody’s', 'nobody', 'a pier in the fog', /Nobody signs in as nobody/],
  ])('one that is %s is refused', async (_what, loginName, password, why) => {
    const { server, database } = await aStudio();
    await server.stop();
    await expect(resetPassword(database, loginName, password)).rejects.toThrow(why);
  });
});

describe('starting', () => {
  it('a young studio’s file, copied alone, is the whole studio', async () => {
    const { server, dataDir, database } = await aStudio();
    const alone = join(aFolder(), 'studio.sqlite');
    await server.stop();
    const again = await startTestServer({ setUp: false, dataDir });
    copyFileSync(database, alone);
    await again.stop();
    expect(await inspect(alone, true)).toEqual({ is: 'good', pending: [] });
  });

  it('files and folder are for their owner alone', async () => {
    const dataDir = join(aFolder(), 'own');
    const { server } = await aStudio(dataDir);
    expect(statSync(dataDir).mode & 0o777).toBe(0o700);
    for (const name of readdirSync(dataDir).filter((file) => /sqlite|lock|json/.test(file))) {
      expect([name, statSync(join(dataDir, name)).mode & 0o077]).toEqual([name, 0]);
    }
    await server.stop();
  });

  const opening = async (harm: (database: string) => Promise<void> | void) => {
    const { server, database, dataDir } = await aStudio();
    await server.stop();
    await harm(database);
    return { database, dataDir, opening: openHouse(database) };
  };

  it('a cut database', async () => {
    const { opening: refused } = await opening((database) => truncateSync(database, Math.floor(statSync(database).size / 2)));
    await expect(refused).rejects.toMatchObject({
      kind: 'damaged',
      message: expect.stringMatching(/Nothing was changed.*npm run restore/) as string,
    });
  });

  it('a file that is no database', async () => {
    const { opening: refused } = await opening((database) =>
      writeFileSync(database, 'not a database at all, but long enough to be read'),
    );
    await expect(refused).rejects.toMatchObject({ kind: 'damaged' });
  });

  it('a newer database', async () => {
    const { opening: refused } = await opening((database) =>
      withFile(database, 'write', (db) => db.run(`INSERT INTO migrations_done (name) VALUES ('0999-later')`)),
    );
    await expect(refused).rejects.toMatchObject({ kind: 'newer-database' });
  });

  it('a database that is gone, beside its copies: no first run unsaid', async () => {
    const { database, opening: refused } = await opening(async (file) => {
      await backUp(file, join(file, '../backups'));
      rmSync(file);
    });
    await expect(refused).rejects.toMatchObject({ kind: 'missing', message: expect.stringMatching(/DRUBO_FRESH=1/) as string });
    expect(existsSync(database)).toBe(false);
    const house = await openHouse(database, true);
    expect(house.isNew).toBe(true);
    await house.close();
  });

  it('a migration that fails puts back what was there', async () => {
    const folder = aFolder();
    const database = join(folder, 'studio.sqlite');
    await makeOld(database);
    // A table of the name the migration makes stands in its way.
    await withFile(database, 'write', (db) => db.run('CREATE TABLE server_facts (other TEXT)'));
    await expect(openHouse(database)).rejects.toMatchObject({
      kind: 'migration-failed',
      message: expect.stringMatching(/put back as it was/) as string,
    });
    expect(await inspect(database)).toEqual({
      is: 'good',
      pending: ['0010-trust', '0011-unfitted', '0012-withdrawals', '0013-weeks', '0014-seconds-left'],
    });
    expect(await withFile(database, 'read', (db) => db.all<{ name: string }>('SELECT name FROM trainers'))).toEqual([
      { name: 'Anna' },
    ]);
  });

  it('every problem has an exit code of its own', () => {
    const codes = Object.values(EXIT_CODES);
    expect(new Set(codes).size).toBe(codes.length);
    expect(codes).not.toContain(0);
    expect(codes).not.toContain(1);
  });
});
