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
  const AT = '2026-11-23T08:00:00.000Z';
  beforeEach(() => {
    mockRemove.mockClear();
    mockCommands = [];
  });

  const hears = (client: ReturnType<typeof quietClient>, at = AT) => {
    client.setQueryData(keyOf('getOfflinePack'), pack([], [{ personId: 'person-agreed-not', at }]));
    return renderHook(() => useOfflinePack(), {
      wrapper: ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
    });
  };
  const page = (id: string) => keyOf('getSheet', { params: { sheetId: id } });

  it('leaves no page of theirs here, whatever any clock says; what is read again stays', () => {
    const client = quietClient();
    const theirs = { personId: 'person-agreed-not', limits: ['knee'] };
    client.setQueryData(page('old'), theirs, { updatedAt: Date.parse('2020-01-01') });
    client.setQueryData(page('ahead'), theirs, { updatedAt: Date.parse('2099-01-01') });
    client.setQueryData(page('other'), { personId: 'person-stays' });
    const known = () => ['old', 'ahead', 'other'].filter((id) => client.getQueryData(page(id)) !== undefined);
    hears(client).unmount();
    expect(known()).toEqual(['other']);
    client.setQueryData(page('old'), { ...theirs, limits: [] });
    hears(client).unmount();
    expect(known()).toEqual(['old', 'other']);
    // Agreed, and taken back once more.
    hears(client, '2026-12-01T08:00:00.000Z').unmount();
    expect(known()).toEqual(['other']);
  });

  it('an answer under way then is not taken', async () => {
    const client = quietClient();
    let answer: (data: object) => void = () => undefined;
    const asked = client.fetchQuery({
      queryKey: page('way'),
      queryFn: () => new Promise<object>((resolve) => (answer = resolve)),
    });
    const ended = asked.then(
      () => 'taken',
      () => 'left',
    );
    hears(client).unmount();
    answer({ personId: 'person-agreed-not', limits: ['knee'] });
    expect(await ended).toBe('left');
    expect(client.getQueryData(page('way'))).toBeUndefined();
  });

  it('notes the server took before it leave the queue’s memory; later ones, and what waits, stay', async () => {
    const note = (id: string, over: Partial<Record<keyof StoredCommand, unknown>> = {}) =>
      aStoredCommand({
        id,
        endpointId: 'saveRecord',
        params: { personId: 'person-agreed-not', recordId: 'r' },
        state: 'done',
        answeredAt: '2026-11-23T07:59:00.000Z',
        ...over,
      });
    mockCommands = [
      note('note-sent'),
      note('note-of-an-older-release', { answeredAt: undefined }),
      note('note-since', { answeredAt: '2026-11-23T08:01:00.000Z' }),
      note('note-waits', { state: 'waiting' }),
      note('name-changed', { endpointId: 'savePerson' }),
      note('of-another', { params: { personId: 'person-stays', recordId: 'r' } }),
    ];
    hears(quietClient());
    await waitFor(() => expect(mockRemove).toHaveBeenCalledWith(['note-sent', 'note-of-an-older-release']));
  });
});
