import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { endpoints } from '@drubo/contracts';
import storedBefore from '../../../tests/fixtures/commands-stored-by-0.1.json';
import { aStoredCommand } from '../../../tests/builders';
import { makeQueue } from './queue';
import { openCommandStore } from './store';
import { STORED_VERSION } from './types';
import type { StoredCommand } from './types';

/** The store as release 0.1 made it, with what a trainer had waiting in it: nine writes made in its app with no network. */
const storeOf = async (name: string, rows: readonly unknown[]) => {
  const db = await openDB(name, 1, {
    upgrade(made) {
      made.createObjectStore('commands', { keyPath: 'id' }).createIndex('owner', 'owner');
      made.createObjectStore('device');
    },
  });
  for (const row of rows) await db.put('commands', row);
  await db.put('device', { id: storedBefore[0]!.deviceId, seq: storedBefore.length }, 'this');
  db.close();
  return openCommandStore(name);
};

const owner = storedBefore[0]!.owner;

describe('what a release before this one left waiting', () => {
  it('is read, is what today’s server takes, and is sent in the order it was made', async () => {
    const store = await storeOf('left-waiting', storedBefore);
    const sent: StoredCommand[] = [];
    const queue = await makeQueue(owner, {
      store,
      send: async (command) => void sent.push(command),
      keeping: () => ({ epoch: null, answeredAt: null, coveredUntil: null }),
      now: () => storedBefore[0]!.queuedAt,
      later: () => () => undefined,
      alone: (work) => work(),
    });
    await queue.flush();
    const lines = new Set(storedBefore.map(({ aggregate }) => aggregate));
    expect(sent).toHaveLength(storedBefore.length);
    for (const line of lines) {
      const idsOf = (of: readonly { aggregate: string; id: string }[]) =>
        of.filter((one) => one.aggregate === line).map(({ id }) => id);
      expect(idsOf(sent)).toEqual(idsOf(storedBefore));
    }
    for (const { endpointId, params, body, id, deviceId, deviceSeq } of sent) {
      const endpoint = endpoints[endpointId];
      expect(() => endpoint.params.parse(params)).not.toThrow();
      expect(() => endpoint.body.parse({ ...body, command: { id, deviceId, deviceSeq } })).not.toThrow();
    }
    const next = await store.add(owner, sent[0]!, 0);
    expect([next.version, next.deviceSeq]).toEqual([STORED_VERSION, storedBefore.length + 1]);
    store.close();
  });

  it('what a newer tab wrote is left to it', async () => {
    const store = await storeOf('newer-tab', [
      { ...aStoredCommand({ id: 'of-today', owner }) },
      { ...aStoredCommand({ id: 'of-tomorrow', owner, version: STORED_VERSION + 1 }) },
    ]);
    expect((await store.all(owner)).map(({ id }) => id)).toEqual(['of-today']);
    store.close();
  });

  it('a set named with more letters than an id may have is read with one that fits, and can be sent again', async () => {
    const sessionId = '9be86e5c-4d01-4692-bcf0-fbdf0da4c4f6-0';
    const itemId = '998e52fb-4cd7-47cd-81ea-29ec042a4409';
    const setId = `${sessionId}-prep-half-kneeling-hip-flexor-stretch-0-left`;
    const body = { itemId, kind: 'timed', setIndex: 0, side: 'left' };
    const refused = aStoredCommand({ id: 'too-long', owner, state: 'needs-you', params: { sessionId, setId }, body });
    const store = await storeOf('too-long', [refused]);
    const [read] = await store.all(owner);
    expect(endpoints.logSet.params.safeParse(refused.params).success).toBe(false);
    expect(endpoints.logSet.params.parse(read!.params)).toEqual({ sessionId, setId: `${itemId}-0-0-left` });
    expect(read).toMatchObject({ id: 'too-long', state: 'needs-you', body });
    store.close();
  });
});
