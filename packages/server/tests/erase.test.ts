import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import type { RecordFields } from '@drubo/contracts';
import { READINESS } from '@drubo/core/vocabulary';
import { withoutData } from '../src/http/logged-error';
import { addPerson, aKitForm, aLimit, aSessionNote, aSetBody, finish, keep, startOn } from './fixture';
import { aCommand, startTestServer } from './harness';
import type { TestClient, TestServer } from './harness';

/** Words that stand nowhere else, one for each text that can be kept about somebody. */
const MARKERS = Array.from({ length: 17 }, (_, at) => `zq${'abcdefghijklmnopq'[at]}marker${at}x`);
const [
  name,
  note,
  words,
  procedure,
  calledName,
  calledPhone,
  medicine,
  kit,
  limit,
  noted,
  screened,
  placed,
  onTheWay,
  after,
  ending,
  sought,
  found,
] = MARKERS as [
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
  string,
];
const PERSON = 'person-marked';

/** Writes every marker somewhere it is kept, or at least passes through. */
const leaveMarks = async (anna: TestClient): Promise<void> => {
  await addPerson(anna, PERSON, { name, note });
  const params = { personId: PERSON };
  const answers = Object.fromEntries(READINESS.map((id) => [id, 'no' as const]));
  const fields = {
    consentOn: '2026-11-01',
    answers,
    ownWords: words,
    surgery: { procedure, on: '2020-01-01', side: 'left' as const },
    contact: { name: calledName, phone: calledPhone },
    medicine,
  };
  await anna.call('saveIntake', { params, body: { command: aCommand(), fields } });
  await anna.call('saveKit', {
    params: { kitId: 'kit-marked-1' },
    body: { command: aCommand(), version: 0, kit: aKitForm({ name: kit, personId: PERSON, place: 'home' }) },
  });
  const record = (recordId: string, kept: RecordFields) =>
    anna.call('saveRecord', { params: { personId: PERSON, recordId }, body: { command: aCommand(), fields: kept } });
  await record('record-limit-1', aLimit({ note: limit }));
  await record('record-note-01', { kind: 'note', on: '2026-11-23', text: `${noted} ${found}`, pinned: false, watch: false });
  await record('record-note-02', { kind: 'note', on: '2026-11-23', text: `${screened} ${placed}`, pinned: false, watch: false });
  const { nextSheet } = await anna.call('getPerson', { params });
  const { session } = await startOn(anna, nextSheet);
  await anna.call('logSet', { params: { sessionId: session.id, setId: 'set-marked-01' }, body: aSetBody(nextSheet.items[0]!) });
  await keep(anna, session.id, 'note-marked-1', aSessionNote(onTheWay));
  await keep(anna, session.id, 'note-marked-2', aSessionNote(after));
  await finish(anna, session.id);
  await keep(anna, session.id, 'note-marked-3', aSessionNote(ending));
  await anna.call('search', { query: { words: found } });
  await anna.raw(`/api/search?words=${sought}`);
  // An error whose message holds what was sent.
  await anna.raw('/api/people/person-marked', {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: `{"name":"${sought}"`,
  });
};

/** Everything that lies in a folder, as bytes. */
const bytesIn = (folder: string): Buffer[] =>
  readdirSync(folder).flatMap((file) => {
    const path = join(folder, file);
    return statSync(path).isDirectory() ? bytesIn(path) : [readFileSync(path)];
  });

it('whoever is erased is in no file of the server’s: database, journal, log', async () => {
  const dataDir = mkdtempSync(join(tmpdir(), 'drubo-erase-'));
  const lines: string[] = [];
  const log = pino({ level: 'trace' }, { write: (line: string) => void lines.push(line) });
  const server = await startTestServer({ dataDir, log });
  const anna = await server.client('anna');
  await addPerson(anna, 'person-stays', { name: 'Stays Here' });
  await leaveMarks(anna);
  const found = () => MARKERS.filter((marker) => bytesIn(dataDir).some((bytes) => bytes.includes(marker)));
  // All of them are there first: a check that looks in the wrong place would find nothing before either.
  const kept = MARKERS.filter((marker) => marker !== sought);
  expect(found()).toEqual(kept);
  await anna.call('erasePerson', { params: { personId: PERSON }, body: { command: aCommand() } });
  await server.database.checkpoint();
  expect(found()).toEqual([]);
  expect(MARKERS.filter((marker) => lines.join('').includes(marker))).toEqual([]);
  expect(lines.length).toBeGreaterThan(10);
  // Requests and trainers are told apart in the log all the same.
  expect(lines.some((line) => /"trainerId":"/.test(line) && /"path":"\/api\/search"/.test(line))).toBe(true);
  // Nobody else lost anything.
  expect((await anna.call('listPeople')).map((person) => person.name)).toEqual(['Stays Here']);
  await server.stop();
  expect(found()).toEqual([]);
  rmSync(dataDir, { recursive: true });
});

it('a command that was used for something else erases nothing, not a row', async () => {
  const server = await startTestServer();
  const anna = await server.client('anna');
  await leaveMarks(anna);
  const used = aCommand();
  const note = { kind: 'note' as const, on: '2026-11-23', text: 'Once', pinned: false, watch: false };
  await anna.call('saveRecord', {
    params: { personId: PERSON, recordId: 'record-once-1' },
    body: { command: used, fields: note },
  });
  const before = await server.dump();
  expect(await anna.refused('erasePerson', { params: { personId: PERSON }, body: { command: used } })).toMatchObject({
    code: 'command-reused',
  });
  expect(await server.dump()).toBe(before);
  await server.stop();
});

it('the years of somebody go in pieces, and others log between them', async () => {
  const server = await startTestServer();
  const anna = await server.client('anna');
  const { nextSheet } = await addPerson(anna, PERSON, {});
  const { session } = await startOn(anna, nextSheet);
  const other = await startOn(anna, (await addPerson(anna, 'person-stays', {})).nextSheet);
  const body = aSetBody(nextSheet.items[0]!);
  await anna.call('logSet', { params: { sessionId: session.id, setId: 'set-first-1' }, body });
  const { sequelize, models } = server.database;
  await copied(server, 'sheets', `id = '${nextSheet.id}'`, { id: "id || '-' || k", state: "'done'" });
  await copied(server, 'sessions', `id = '${session.id}'`, { id: "id || '-' || k", sheetId: "sheetId || '-' || k" });
  await copied(server, 'set_revisions', "id = 'set-first-1'", { id: "id || '-' || k", sessionId: "sessionId || '-' || k" });
  const asked = jest.spyOn(sequelize, 'query');
  const order: string[] = [];
  const erasing = anna
    .call('erasePerson', { params: { personId: PERSON }, body: { command: aCommand() } })
    .then(() => order.push('erased'));
  const logged = anna
    .call('logSet', {
      params: { sessionId: other.session.id, setId: 'set-other-1' },
      body: aSetBody(other.sheet.items[0]!),
    })
    .then(() => order.push('logged'));
  await Promise.all([erasing, logged]);
  // It came after the erasing had begun and did not wait for its end.
  expect(order).toEqual(['logged', 'erased']);
  const pieces = asked.mock.calls.filter(([statement]) => JSON.stringify(statement).includes('DELETE FROM set_revisions'));
  expect(pieces.length).toBeGreaterThan(3);
  expect(await models.sessions.count()).toBe(1);
  expect(await models.setRevisions.count()).toBe(1);
  await server.stop();
});

/** Copies a row many times inside the database; `set` says what differs, in SQL, with `k` the number of the copy. */
const copied = async (
  { database: { sequelize } }: TestServer,
  table: string,
  where: string,
  set: Readonly<Record<string, string>>,
): Promise<void> => {
  const [columns] = await sequelize.query(`PRAGMA table_info(${table})`);
  const names = (columns as { name: string }[]).map(({ name }) => name);
  await sequelize.query(`INSERT INTO ${table} (${names.join(', ')})
    WITH RECURSIVE n(k) AS (SELECT 1 UNION ALL SELECT k + 1 FROM n WHERE k < 1299)
    SELECT ${names.map((name) => set[name] ?? name).join(', ')} FROM ${table}, n WHERE ${where}`);
};

it('a consent taken back takes the health notes along, out of every file; who they are and what they trained stays', async () => {
  const dataDir = mkdtempSync(join(tmpdir(), 'drubo-consent-'));
  const server = await startTestServer({ dataDir });
  const anna = await server.client('anna');
  await leaveMarks(anna);
  const params = { personId: PERSON };
  const again = {
    params: { ...params, recordId: 'record-limit-2' },
    body: { command: aCommand(), fields: aLimit({ side: 'right' }) },
  };
  await anna.call('saveRecord', again);
  await anna.call('withdrawConsent', { params, body: { command: aCommand(), then: 'delete' } });
  await server.database.checkpoint();
  const left = MARKERS.filter((marker) => bytesIn(dataDir).some((bytes) => bytes.includes(marker)));
  const ofHealth = [procedure, medicine, limit];
  expect(left).toEqual(MARKERS.filter((marker) => ![...ofHealth, sought].includes(marker)));

  const { intake, records, nextSheet } = await anna.call('getPerson', { params });
  expect(intake).toMatchObject({ consentOn: null, answers: {}, pressure: null, surgery: null, medicine: '', ownWords: words });
  expect(records.map(({ fields: { kind } }) => kind)).not.toContain('limit');
  // Nobody knows now what nobody may keep: as with somebody who was not asked.
  expect(nextSheet.notAsked?.length).toBeGreaterThan(0);
  expect(nextSheet.limits.map((one) => one.limit)).not.toContain('knee-front');
  // A phone's repeat brings nothing back, and neither does one that had waited.
  expect(await anna.refused('saveRecord', again)).toMatchObject({ code: 'done-before' });
  const late = { ...again, body: { ...again.body, command: aCommand() } };
  expect(await anna.refused('saveRecord', late)).toMatchObject({ code: 'no-consent' });
  expect((await anna.call('getOfflinePack')).withdrawn).toEqual([{ personId: PERSON, at: '2026-11-23T08:00:00.000Z' }]);
  await server.stop();
  rmSync(dataDir, { recursive: true });
});

it('or puts them away with the person, who is archived', async () => {
  const server = await startTestServer();
  const anna = await server.client('anna');
  await leaveMarks(anna);
  const params = { personId: PERSON };
  await anna.call('withdrawConsent', { params, body: { command: aCommand(), then: 'archive' } });
  const { intake, person } = await anna.call('getPerson', { params });
  expect([intake.consentOn, intake.medicine, person.archivedAt]).toEqual([null, medicine, '2026-11-23T08:00:00.000Z']);
  const more = { params, body: { command: aCommand(), fields: { medicine: 'another' } } };
  expect(await anna.refused('saveIntake', more)).toMatchObject({ code: 'no-consent' });
  await server.stop();
});

it('of an error nobody expected its kind and place are logged, not what it says: it may name a row', () => {
  const error = Object.assign(new TypeError('zqsecret is too long'), { code: 'SQLITE_CONSTRAINT' });
  const logged = withoutData(error);
  expect(JSON.stringify(logged)).not.toContain('zqsecret');
  expect(logged).toMatchObject({ kind: 'TypeError', code: 'SQLITE_CONSTRAINT' });
  expect(JSON.stringify(logged)).toContain('erase.test');
});

it('a repeat of a write is answered for thirty days; after that it is said to be done, and nothing of it is kept', async () => {
  const server = await startTestServer();
  const anna = await server.client('anna');
  const body = {
    command: aCommand(),
    fields: { kind: 'note' as const, on: '2026-11-23', text: 'Once', pinned: false, watch: false },
  };
  await addPerson(anna, 'person-again', {});
  const again = { params: { personId: 'person-again', recordId: 'record-again-1' }, body };
  await anna.call('saveRecord', again);
  await anna.call('saveRecord', again);
  await server.database.across.forgetAnswers('2026-11-23T07:59:59.000Z');
  await anna.call('saveRecord', again);
  await server.database.across.forgetAnswers('2026-11-23T08:00:01.000Z');
  expect(await anna.refused('saveRecord', again)).toMatchObject({ status: 409, code: 'done-before' });
  expect((await anna.call('getActivity')).length).toBeGreaterThan(0);
  await server.stop();
});
