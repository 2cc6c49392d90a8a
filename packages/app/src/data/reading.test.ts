import 'fake-indexeddb/auto';
import { dehydrate, hydrate, QueryClient } from '@tanstack/react-query';
import type { OfflinePackDto } from '@drubo/contracts';
import { aDetail, aLoggedSet, aPerson, aPersonDetail, aSheet, aStoredCommand, SESSION_ID } from '../../tests/builders';
import { RefusedError, UnreachableError } from './api';
import { applyReply } from './apply-reply';
import { newId } from './ids';
import { keyOf } from './keys';
import { isKeptOnDevice, queryPersister } from './query-client';
import { unpack } from './use-offline-pack';

const sessionKey = keyOf('getSession', { params: { sessionId: SESSION_ID } });

const aPack = (): OfflinePackDto => ({
  madeAt: '2026-11-23T08:00:00.000Z',
  people: [aPerson()],
  floor: { date: '2026-11-23', entries: [], otherLive: [], toReview: [] },
  persons: [aPersonDetail()],
  sessions: [aDetail()],
  movements: [],
  composing: [],
  erased: [],
});

describe('the reading cache', () => {
  it('unpacks a week under the keys the screens ask for, and never over something newer', () => {
    const client = new QueryClient();
    client.setQueryData(keyOf('listPeople'), [], { updatedAt: 2_000 });
    unpack(client, aPack(), 1_000);
    expect(client.getQueryData(keyOf('getSheet', { params: { sheetId: 'sheet-0001' } }))).toMatchObject({
      personName: 'Test Person',
    });
    expect(client.getQueryData(keyOf('getPerson', { params: { personId: 'person-0001' } }))).toBeDefined();
    expect(client.getQueryData(sessionKey)).toBeDefined();
    expect(client.getQueryData(keyOf('listPeople'))).toEqual([]);
  });

  it('what was read stays on the device though asking again found nobody; what was refused since does not', async () => {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    const refused = new RefusedError(404, { code: 'not-found', message: 'gone' });
    for (const [id, error] of [
      ['getAuth', new UnreachableError()],
      ['getFloor', refused],
    ] as const) {
      client.setQueryData([id], { known: id });
      await client.fetchQuery({ queryKey: [id], queryFn: () => Promise.reject(error) }).catch(() => undefined);
    }
    await client.prefetchQuery({ queryKey: ['listPeople'], queryFn: () => Promise.reject(new UnreachableError()) });
    expect(client.getQueryState(['getAuth'])?.status).toBe('error');
    const kept = dehydrate(client, { shouldDehydrateQuery: isKeptOnDevice });
    const opened = new QueryClient();
    hydrate(opened, structuredClone(kept));
    expect(opened.getQueryData(['getAuth'])).toEqual({ known: 'getAuth' });
    expect(kept.queries.map(({ queryKey }) => queryKey[0])).toEqual(['getAuth']);
  });

  it('a sheet read before a save was answered does not come back over it', async () => {
    const client = new QueryClient();
    const key = keyOf('getSheet', { params: { sheetId: 'sheet-0001' } });
    let answer: (sheet: unknown) => void = () => undefined;
    const reading = client
      .fetchQuery({ queryKey: key, queryFn: () => new Promise((resolve) => (answer = resolve)) })
      .catch(() => null);
    const saved = aSheet({ version: 8 });
    applyReply(client, aStoredCommand({ endpointId: 'saveSheet', state: 'done', reply: saved as never }));
    answer(aSheet({ version: 7 }));
    await reading;
    expect(client.getQueryData(key)).toMatchObject({ version: 8 });
    client.clear();
  });

  it('a logged set replaces its older revision in the session that was read', () => {
    const client = new QueryClient();
    client.setQueryData(sessionKey, aDetail([aLoggedSet({ reps: 8 })]));
    applyReply(client, aStoredCommand({ state: 'done', reply: aLoggedSet({ reps: 9, revision: 2 }) }));
    expect(client.getQueryData<ReturnType<typeof aDetail>>(sessionKey)?.sets.map((set) => set.reps)).toEqual([9]);
  });

  it('one set has no other page read again, nor has a note; what is said afterwards and the end of a session do', () => {
    const readAgain = (write: Parameters<typeof aStoredCommand>[0]) => {
      const client = new QueryClient();
      client.setQueryData(keyOf('getFloor'), {});
      client.setQueryData(keyOf('getOfflinePack'), {});
      applyReply(client, aStoredCommand({ state: 'done', ...write }));
      // Big, and what the screens read anyway: it keeps its own hour.
      expect(client.getQueryState(keyOf('getOfflinePack'))?.isInvalidated).toBe(false);
      return client.getQueryState(keyOf('getFloor'))?.isInvalidated;
    };
    const kept = (kind: 'note' | 'after') => ({
      endpointId: 'saveSessionRecord',
      params: { sessionId: SESSION_ID, recordId: 'record-1' },
      body: { fields: { kind } },
    });
    expect(readAgain({ reply: aLoggedSet() })).toBe(false);
    expect(readAgain(kept('note'))).toBe(false);
    expect(readAgain(kept('after'))).toBe(true);
    expect(readAgain({ endpointId: 'finishSession', params: { sessionId: SESSION_ID } })).toBe(true);
  });

  it('an erased person leaves the device', () => {
    const client = new QueryClient();
    unpack(client, aPack(), 1_000);
    const params = { personId: 'person-0001' };
    applyReply(client, aStoredCommand({ endpointId: 'erasePerson', params, state: 'done', reply: { erased: true } }));
    expect(client.getQueryData(keyOf('getPerson', { params }))).toBeUndefined();
  });
});

describe('what was read, kept on the device', () => {
  // The turn a write waits for comes when a test says so; the store answers by itself.
  beforeEach(() => jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] }));
  afterEach(() => {
    jest.useRealTimers();
    jest.restoreAllMocks();
  });
  const aState = (timestamp: number, queries: readonly (readonly [string, unknown])[] = []) => {
    const client = new QueryClient();
    for (const [key, data] of queries) client.setQueryData([key], data);
    return { timestamp, buster: '1', clientState: dehydrate(client) };
  };
  const turn = () => new Promise((resolve) => setImmediate(resolve));
  let leave = (): void => undefined;
  const aPersister = () => queryPersister((write) => void (leave = write));
  const kept = async () => (await aPersister().restoreClient())?.timestamp;
  /** Turns of the store that are waited for a write at most: it takes a handful. */
  const TURNS = 200;
  const untilKept = async (timestamp: number): Promise<void> => {
    for (let at = 0; at < TURNS && (await kept()) !== timestamp; at += 1) await turn();
    expect(await kept()).toBe(timestamp);
  };
  const many = (count: number) => Array.from({ length: count }, (_, at) => [`page-${at}`, at] as const);

  it('survives a reload in IndexedDB', async () => {
    const persister = aPersister();
    void persister.persistClient(aState(1));
    await untilKept(1);
    await persister.removeClient();
    expect(await kept()).toBeUndefined();
  });

  it('is not written anew for each of many answers; the last state is what is kept', async () => {
    const written = jest.spyOn(IDBObjectStore.prototype, 'put');
    const persister = aPersister();
    for (let at = 1; at <= 30; at += 1) {
      void persister.persistClient(aState(at, [['getAuth', 'ines'], ...many(at)]));
      await turn();
    }
    expect(written).toHaveBeenCalledTimes(1);
    jest.runOnlyPendingTimers();
    await untilKept(30);
    expect(written).toHaveBeenCalledTimes(2);
  });

  it.each([
    [
      'somebody signs out',
      [
        ['getAuth', 'nobody'],
        ['page-0', 0],
      ],
    ],
    [
      'something kept is to be gone, whatever came beside it',
      [
        ['getAuth', 'ines'],
        ['page-1', 1],
        ['page-2', 2],
      ],
    ],
  ] as const)('does not wait where %s', async (_, after) => {
    const persister = aPersister();
    void persister.persistClient(aState(1, [['getAuth', 'ines'], ...many(1)]));
    await untilKept(1);
    void persister.persistClient(aState(2, after));
    await untilKept(2);
  });

  it('does not wait where the page is closed', async () => {
    const persister = aPersister();
    const writes = leave;
    void persister.persistClient(aState(1, many(1)));
    await untilKept(1);
    void persister.persistClient(aState(2, many(2)));
    writes();
    await untilKept(2);
  });

  it('says so where it can’t be kept', async () => {
    const said = jest.spyOn(console, 'warn').mockImplementation(() => undefined);
    jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    void aPersister().persistClient(aState(1));
    for (let at = 0; at < TURNS && said.mock.calls.length === 0; at += 1) await turn();
    expect(said).toHaveBeenCalledWith(
      expect.stringContaining('not kept'),
      expect.objectContaining({ name: 'QuotaExceededError' }),
    );
  });
});

it('ids fit the contract and do not repeat', () => {
  const ids = Array.from({ length: 200 }, newId);
  expect(new Set(ids).size).toBe(200);
  expect(ids.every((id) => /^[0-9a-f]{32}$/.test(id))).toBe(true);
});
