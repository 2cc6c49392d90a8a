import { addPerson, aPersonBody, aSetBody, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

it('a repeated command is answered with its first reply and done once, even ten at a time', async () => {
  const { nextSheet: sheet } = await addPerson(anna, 'person-repeat');
  const { session } = await startOn(anna, sheet);
  const request = { params: { sessionId: session.id, setId: 'repeat-set-1' }, body: aSetBody(sheet.items[0]!) };
  const replies = await Promise.all(Array.from({ length: 10 }, () => anna.call('logSet', request)));
  expect(new Set(replies.map((reply) => JSON.stringify(reply))).size).toBe(1);
  expect(await server.database.models.setRevisions.count({ where: { id: 'repeat-set-1' } })).toBe(1);
});

it('one command id cannot stand for two writes', async () => {
  const body = aPersonBody();
  await anna.call('savePerson', { params: { personId: 'person-once' }, body });
  const other = { ...body, name: 'Somebody Else' };
  const refused = await anna.refused('savePerson', { params: { personId: 'person-once' }, body: other });
  expect([refused.status, refused.code]).toEqual([409, 'command-reused']);
});

it('a refused write leaves no command behind, so the corrected one may use it again', async () => {
  const command = aCommand();
  const params = { bookingId: 'booking-once' };
  const wrong = { command, personId: 'nobody-has-this', date: '2026-11-24', time: '09:00' };
  expect((await anna.refused('saveBooking', { params, body: wrong })).status).toBe(404);
  await anna.call('saveBooking', { params, body: { ...wrong, personId: 'person-once' } });
});

it('amending keeps the old row under its revision', async () => {
  const { nextSheet: sheet } = await addPerson(anna, 'person-amend');
  const { session } = await startOn(anna, sheet);
  const params = { sessionId: session.id, setId: 'amend-set-1' };
  await anna.call('logSet', { params, body: aSetBody(sheet.items[0]!, { reps: 8 }) });
  await anna.call('logSet', { params, body: aSetBody(sheet.items[0]!, { reps: 9 }) });
  const rows = await server.database.models.setRevisions.findAll({ where: { id: 'amend-set-1' }, order: ['revision'] });
  expect(rows.map((row) => [row.get().revision, row.get().reps])).toEqual([
    [1, 8],
    [2, 9],
  ]);
});

it('two edits of one version: one lands, the other is told', async () => {
  const bodies = ['First', 'Second'].map((name) => aPersonBody({ version: 1, name }));
  await addPerson(anna, 'person-race');
  const results = await Promise.allSettled(
    bodies.map((body) => anna.call('savePerson', { params: { personId: 'person-race' }, body })),
  );
  expect(results.map((result) => result.status).sort()).toEqual(['fulfilled', 'rejected']);
});

it('erasing a person is for good: 410 for every id of theirs, and nothing of them left', async () => {
  const { nextSheet: sheet } = await addPerson(anna, 'person-erase', { name: 'Gone Forever' });
  const { session } = await startOn(anna, sheet);
  const setRequest = { params: { sessionId: session.id, setId: 'erase-set-1' }, body: aSetBody(sheet.items[0]!) };
  await anna.call('logSet', setRequest);
  await anna.call('erasePerson', { params: { personId: 'person-erase' }, body: { command: aCommand() } });
  const refusals = await Promise.all([
    anna.refused('getPerson', { params: { personId: 'person-erase' } }),
    anna.refused('getSheet', { params: { sheetId: sheet.id } }),
    anna.refused('getSession', { params: { sessionId: session.id } }),
    anna.refused('logSet', { ...setRequest, body: { ...setRequest.body, command: aCommand() } }),
    anna.refused('savePerson', { params: { personId: 'person-erase' }, body: aPersonBody() }),
  ]);
  expect(refusals.map((refusal) => [refusal.status, refusal.code])).toEqual(Array(5).fill([410, 'erased']));
  expect(await server.dump()).not.toContain('Gone Forever');
  expect(await server.database.models.setRevisions.count({ where: { id: 'erase-set-1' } })).toBe(0);
});
