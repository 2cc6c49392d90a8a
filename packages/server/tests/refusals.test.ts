import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { contentOfSheet, errorReply, sessionIdFor } from '@drubo/contracts';
import { addPerson, aPersonBody } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

/** What once answered 500 and held up a phone's whole line: each is refused with what is wrong. */
let server: TestServer;
let anna: TestClient;
const webDir = mkdtempSync(join(tmpdir(), 'drubo-web-'));

beforeAll(async () => {
  writeFileSync(join(webDir, 'index.html'), '<!doctype html><title>Drubo</title>');
  server = await startTestServer({ webDir });
  anna = await server.client('anna');
});
stopAfterAll(() => server);
afterAll(() => rmSync(webDir, { recursive: true }));

const post = async (path: string, body: string | Buffer, headers: Record<string, string> = {}) => {
  const response = await anna.raw(path, { method: 'POST', body, headers: { 'content-type': 'application/json', ...headers } });
  return { ...errorReply.parse(await response.json()), status: response.status };
};

it('a body packed wrongly', async () => {
  const broken = gzipSync('{}').subarray(0, 12);
  expect(await post('/api/auth/sign-in', broken, { 'content-encoding': 'gzip' })).toMatchObject({
    status: 400,
    code: 'malformed-json',
  });
});

it('a login name that is an object, even one that can’t be made a text', async () => {
  const reply = await post('/api/auth/sign-in', '{"loginName":{"toString":1},"password":"x"}');
  expect(reply).toMatchObject({ status: 400, fields: [{ path: 'body.loginName' }] });
});

it.each(['/_expo/static/js/web/gone-0123.js', '/assets/gone.ttf'])('a file of a build that is gone: %s', async (path) => {
  const response = await anna.raw(path);
  expect([response.status, errorReply.parse(await response.json()).code]).toEqual([404, 'not-found']);
});

describe('text', () => {
  const named = (name: string) =>
    anna.refused('savePerson', {
      params: { personId: 'person-text' },
      body: aPersonBody({ name }),
    });

  it.each([
    ['an end of text', 'A\u0000b'],
    ['a bell', 'A\u0007b'],
    ['half a character', 'A\ud83d'],
    ['nothing that can be seen', '\u200b\u2060\u3164'],
  ])('%s in a name', async (_what, name) => {
    expect(await named(name)).toMatchObject({ status: 400, fields: [{ path: 'body.name' }] });
  });

  it('is kept in one spelling, whichever way it was typed', async () => {
    await addPerson(anna, 'person-nfc-1', { name: 'A\u030Ase' });
    const { person } = await anna.call('getPerson', { params: { personId: 'person-nfc-1' } });
    // Source: Unicode, composed form of A and ring above: U+00C5.
    expect(person.name).toBe('\u00C5se');
  });

  it('a search for what no text can hold', async () =>
    expect(await anna.refused('search', { query: { words: 'ab\u0000' } })).toMatchObject({ status: 400 }));

  it('a name of before that nobody can see is told by its signs', async () => {
    await addPerson(anna, 'person-unseen');
    await server.database.models.people.update({ name: '\u200b' }, { where: { id: 'person-unseen' } });
    const { person } = await anna.call('getPerson', { params: { personId: 'person-unseen' } });
    expect(person.name).toBe('[U+200B]');
  });
});

describe('an id that is another’s', () => {
  it('for a copy', async () => {
    const { nextSheet } = await addPerson(anna, 'person-copied');
    const params = { sheetId: nextSheet.id, copyId: nextSheet.id };
    expect(await anna.refused('copySheet', { params, body: { command: aCommand(), on: '2026-12-01' } })).toMatchObject({
      status: 409,
      code: 'id-in-use',
    });
  });

  it('for an exercise of another sheet, named', async () => {
    const { nextSheet: sheet } = await addPerson(anna, 'person-own-01');
    const { nextSheet: foreign } = await addPerson(anna, 'person-other1');
    const content = contentOfSheet(sheet);
    const [first, ...rest] = content.items;
    const items = [{ ...first!, id: foreign.items[0]!.id }, ...rest];
    const refused = await anna.refused('saveSheet', {
      params: { sheetId: sheet.id },
      body: { command: aCommand(), version: sheet.version, content: { ...content, items } },
    });
    expect(refused).toMatchObject({ status: 409, code: 'id-in-use', fields: [{ path: 'body.content.items.0.id' }] });
  });
});

it('a copy that waits for its day can’t be started before it', async () => {
  const { nextSheet } = await addPerson(anna, 'person-later');
  const copyId = 'copy-of-later';
  await anna.call('copySheet', {
    params: { sheetId: nextSheet.id, copyId },
    body: { command: aCommand(), on: '2026-12-01' },
  });
  const refused = await anna.refused('startSession', {
    params: { sessionId: sessionIdFor(copyId, 0) },
    body: { command: aCommand(), sheetId: copyId, startedAt: '2026-11-23T08:00:00.000Z' },
  });
  expect(refused).toMatchObject({ status: 409, code: 'sheet-for-later' });
  expect(refused.message).toContain('2026-12-01');
});
