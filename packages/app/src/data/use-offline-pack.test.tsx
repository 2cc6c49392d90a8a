import { renderHook, waitFor } from '@testing-library/react-native';
import { QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { OfflinePackDto } from '@drubo/contracts';
import { aStoredCommand } from '../../tests/builders';
import { quietClient } from '../../tests/show';
import { keyOf } from './keys';
import type { StoredCommand } from './offline/types';
import { useOfflinePack } from './use-offline-pack';

const mockRemove = jest.fn();
let mockCommands: StoredCommand[] = [];
jest.mock('./offline/QueueProvider', () => ({
  useCommands: () => mockCommands,
  useWriter: () => mockWriter,
}));
const mockWriter = { isReady: true, remove: (ids: string[]) => Promise.resolve(mockRemove(ids)) };

const pack = (erased: string[], withdrawn: OfflinePackDto['withdrawn'] = []): OfflinePackDto => ({
  madeAt: '2026-11-23T08:00:00.000Z',
  people: [],
  floor: { date: '2026-11-23', entries: [], otherLive: [], toReview: [] },
  persons: [],
  composing: [],
  sessions: [],
  movements: [],
  erased,
  withdrawn,
});

describe('somebody erased on another device', () => {
  beforeEach(() => mockRemove.mockClear());

  const taken = (erased: string[]) => {
    const client = quietClient();
    const pages = {
      gone: keyOf('getPerson', { params: { personId: 'person-gone' } }),
      session: keyOf('getSession', { params: { sessionId: 'session-gone' } }),
      stays: keyOf('getPerson', { params: { personId: 'person-stays' } }),
    };
    for (const key of Object.values(pages)) client.setQueryData(key, { kept: true });
    mockCommands = [
      aStoredCommand({ id: 'set-of-gone', params: { sessionId: 'session-gone', setId: 'set-1' }, state: 'done' }),
      aStoredCommand({ id: 'booking', endpointId: 'saveBooking', params: { bookingId: 'b' }, body: { personId: 'person-gone' } }),
      aStoredCommand({ id: 'set-of-other', params: { sessionId: 'session-stays', setId: 'set-2' } }),
    ];
    client.setQueryData(keyOf('getOfflinePack'), pack(erased));
    const wrapper = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    );
    renderHook(() => useOfflinePack(), { wrapper });
    return { known: () => Object.entries(pages).flatMap(([name, key]) => (client.getQueryData(key) ? [name] : [])) };
  };

  it('leaves this one too: what was read of them, and what was written about them, sent or not', async () => {
    const { known } = taken(['person-gone', 'session-gone']);
    await waitFor(() => expect(mockRemove).toHaveBeenCalledWith(['set-of-gone', 'booking']));
    expect(known()).toEqual(['stays']);
  });

  it('with nobody erased nothing leaves', () => {
    const { known } = taken([]);
    expect(known()).toEqual(['gone', 'session', 'stays']);
    expect(mockRemove).not.toHaveBeenCalled();
  });
});

describe('somebody whose consent to health notes was taken back', () => {
  beforeEach(() => mockRemove.mockClear());
  const AT = Date.parse('2026-11-23T08:00:00.000Z');

  it('leaves nothing of them here from before: pages that name them, and notes that were sent', async () => {
    const client = quietClient();
    const put = (id: string, data: object, updatedAt: number) => {
      const key = keyOf('getSheet', { params: { sheetId: id } });
      client.setQueryData(key, data, { updatedAt });
      return key;
    };
    const pages = {
      old: put('sheet-old', { personId: 'person-agreed-not', limits: ['knee'] }, AT - 1_000),
      // Under way when consent was taken back, or a clock that runs ahead.
      underWay: put('sheet-way', { personId: 'person-agreed-not', limits: ['knee'] }, AT + 1_000),
      readSince: put('sheet-new', { personId: 'person-agreed-not', limits: [] }, AT + 660_000),
      other: put('sheet-other', { personId: 'person-stays' }, AT - 1_000),
    };
    const note = (id: string, over: Partial<StoredCommand> = {}) =>
      aStoredCommand({
        id,
        endpointId: 'saveRecord',
        params: { personId: 'person-agreed-not', recordId: 'r' },
        state: 'done',
        settledAt: AT - 1_000,
        ...over,
      } as Partial<StoredCommand>);
    mockCommands = [
      note('note-sent'),
      note('note-since', { settledAt: AT + 660_000 }),
      note('note-waits', { state: 'waiting' }),
      note('name-changed', { endpointId: 'savePerson' } as Partial<StoredCommand>),
    ];
    client.setQueryData(
      keyOf('getOfflinePack'),
      pack([], [{ personId: 'person-agreed-not' as never, at: new Date(AT).toISOString() }]),
    );
    renderHook(() => useOfflinePack(), {
      wrapper: ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
    });
    await waitFor(() => expect(mockRemove).toHaveBeenCalledWith(['note-sent']));
    expect(Object.entries(pages).flatMap(([name, key]) => (client.getQueryData(key) ? [name] : []))).toEqual([
      'readSince',
      'other',
    ]);
  });
});
