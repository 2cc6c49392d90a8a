import { isClockAhead } from '@drubo/core';
import { addPerson, aSetBody, finish, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const AHEAD = '2099-01-01T09:00:00.000Z';

describe('a phone whose clock stands in 2099', () => {
  it('begins and ends a session when the server heard of it; its sets keep what it said, and are told apart by it', async () => {
    const { nextSheet } = await addPerson(anna, 'person-ahead');
    const { session } = await startOn(anna, nextSheet, AHEAD);
    expect(session).toMatchObject({ startedAt: '2026-11-23T08:00:00.000Z', date: '2026-11-23' });
    const [item] = nextSheet.items;
    const set = (id: string, loggedAt: string) =>
      anna.call('logSet', { params: { sessionId: session.id, setId: id }, body: aSetBody(item!, { loggedAt }) });
    const kept = [await set('set-ahead-1', AHEAD), await set('set-right-1', '2026-11-23T08:00:00.000Z')];
    expect(kept.map(({ loggedAt }) => loggedAt)).toEqual([AHEAD, '2026-11-23T08:00:00.000Z']);
    expect(kept.map(isClockAhead)).toEqual([true, false]);
    const { finishedAt } = await anna.call('finishSession', {
      params: { sessionId: session.id },
      body: { command: aCommand(), finishedAt: AHEAD, effort: null, note: '' },
    });
    expect(finishedAt).toBe('2026-11-23T08:00:00.000Z');
  });

  it('puts nothing above what is done after it: the next session is the last one', async () => {
    const { nextSheet } = await addPerson(anna, 'person-after');
    const first = await startOn(anna, nextSheet, AHEAD);
    await finish(anna, first.session.id);
    server.clock.now = () => new Date('2026-11-25T08:00:00.000Z');
    const next = await anna.call('getPerson', { params: { personId: 'person-after' } });
    const second = await startOn(anna, next.nextSheet, '2026-11-25T08:00:00.000Z');
    const { sessions } = await anna.call('getPerson', { params: { personId: 'person-after' } });
    expect(sessions.map((line) => line.session.id)).toEqual([second.session.id, first.session.id]);
  });

  it('what was seen in a set it logged does not stand for ever as the last thing seen', async () => {
    server.clock.now = () => new Date('2026-11-23T08:00:00.000Z');
    const { nextSheet } = await addPerson(anna, 'person-seen');
    const { session } = await startOn(anna, nextSheet);
    const [item] = nextSheet.items;
    const log = (id: string, loggedAt: string, fault: 'knees-cave' | 'heels-lift') =>
      anna.call('logSet', {
        params: { sessionId: session.id, setId: id },
        body: aSetBody(item!, { loggedAt, faults: [{ id: fault, severity: 'breaks' }] }),
      });
    await log('set-seen-1', AHEAD, 'knees-cave');
    server.clock.now = () => new Date('2026-11-23T08:10:00.000Z');
    await log('set-seen-2', '2026-11-23T08:10:00.000Z', 'heels-lift');
    await finish(anna, session.id);
    await anna.call('saveBooking', {
      params: { bookingId: 'booking-seen' },
      body: { command: aCommand(), personId: 'person-seen', date: '2026-11-24', time: '09:00' },
    });
    const { entries } = await anna.call('getFloor', { query: { date: '2026-11-24' } });
    expect(entries[0]?.lastFault).toMatchObject({ faultId: 'heels-lift' });
  });
});
