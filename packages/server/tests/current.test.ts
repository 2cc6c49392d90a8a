import fc from 'fast-check';
import { currentSessionRecords } from '@drubo/contracts';
import { currentSets } from '@drubo/core';
import { goneOfSession } from '../src/db/queries/gone';
import { sessionRecordsOf } from '../src/db/queries/session-records';
import { setCounts, setsOf } from '../src/db/queries/sets';
import { addPerson, aMovementBody, aSessionNote, aSetBody, keep, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const scope = async () => {
  const studio = (await server.database.models.studios.findOne())!.get();
  return server.context.db.read(studio.id);
};
let people = 0;
const aSession = async () => {
  people += 1;
  const { nextSheet } = await addPerson(anna, `person-current-${people}`);
  const { session } = await startOn(anna, nextSheet);
  return { session, item: nextSheet.items[0]! };
};

/** Which of a few things is written, and whether it is taken away with that. */
const writes = fc.array(fc.tuple(fc.integer({ min: 0, max: 3 }), fc.boolean()), { minLength: 1, maxLength: 14 });

// What a phone makes of revisions is the same rule in another language: two that must never part.
describe('what is current in the database is what a phone makes of the same revisions', () => {
  it('sets: the newest revision of each, in order, none that was taken away', async () => {
    await fc.assert(
      fc.asyncProperty(writes, async (steps) => {
        const { session, item } = await aSession();
        for (const [setIndex, removed] of steps) {
          const params = { sessionId: session.id, setId: `${session.id}-set-${setIndex}` };
          await anna.call('logSet', { params, body: aSetBody(item, { setIndex, removed, reps: 5 + setIndex }) });
        }
        const here = await scope();
        const { sets: revisions } = await anna.call('getSessionHistory', { params: { sessionId: session.id } });
        expect(await setsOf(here, session.id)).toEqual(currentSets(revisions));
        // Of every set there is either the newest revision, or the word that it is gone and since when.
        const known = [...(await setsOf(here, session.id)), ...(await goneOfSession(here, session.id))];
        const newest = new Map(revisions.map(({ id, revision }) => [id, revision]));
        for (const { id, revision } of revisions) newest.set(id, Math.max(revision, newest.get(id)!));
        expect(new Map(known.map(({ id, revision }) => [id, revision]))).toEqual(newest);
        expect((await setCounts(here, [session.id])).get(session.id) ?? 0).toBe(currentSets(revisions).length);
      }),
      { numRuns: 6 },
    );
  });

  it('what is kept beside them: the same', async () => {
    await fc.assert(
      fc.asyncProperty(writes, async (steps) => {
        const { session } = await aSession();
        for (const [which, removed] of steps) {
          await keep(anna, session.id, `${session.id}-note-${which}`, aSessionNote(`note ${which}`), { removed });
        }
        const { records: revisions } = await anna.call('getSessionHistory', { params: { sessionId: session.id } });
        expect(await sessionRecordsOf(await scope(), session.id)).toEqual(currentSessionRecords(revisions));
      }),
      { numRuns: 6 },
    );
  });

  it('a record changed later keeps its place; one taken away is gone until it comes back', async () => {
    const personId = 'person-records';
    await addPerson(anna, personId);
    const note = (recordId: string, text: string) =>
      anna.call('saveRecord', {
        params: { personId, recordId },
        body: { command: aCommand(), fields: { kind: 'note', on: '2026-11-23', text, pinned: false, watch: false } },
      });
    const texts = async () =>
      (await anna.call('getPerson', { params: { personId } })).records.flatMap(({ fields }) =>
        fields.kind === 'note' ? [fields.text] : [],
      );
    // A moment apart, as they would be.
    let at = Date.parse('2026-11-23T08:00:00.000Z');
    server.clock.now = () => new Date((at += 1000));
    await note('record-first', 'first');
    await note('record-second', 'second');
    await note('record-first', 'first, changed');
    expect(await texts()).toEqual(['first, changed', 'second']);
    const remove = (removed: boolean) =>
      anna.call('setRecordRemoved', { params: { personId, recordId: 'record-first' }, body: { command: aCommand(), removed } });
    await remove(true);
    expect(await texts()).toEqual(['second']);
    await remove(false);
    expect(await texts()).toEqual(['first, changed', 'second']);
  });

  it('a movement is its newest revision, retired or not', async () => {
    const params = { movementId: 'own-current-1' };
    await anna.call('saveMovement', { params, body: aMovementBody() });
    await anna.call('saveMovement', { params, body: aMovementBody({ version: 1, name: 'Crate step' }) });
    await anna.call('setMovementRetired', { params, body: { command: aCommand(), retired: true } });
    const listed = (await anna.call('listMovements')).filter(({ id }) => id === params.movementId);
    expect(listed).toMatchObject([{ name: 'Crate step', revision: 3, retired: true }]);
  });
});
