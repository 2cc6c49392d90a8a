import { NOT_ASKED } from '@drubo/core/session';
import { aSetBody, addPerson, consent, keep, logAll, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
const personId = 'person-trend';
const sessionIds: string[] = [];
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
  await addPerson(anna, personId, { name: 'Trend Person' });
  for (const day of ['2026-11-10', '2026-11-17', '2026-11-19']) {
    const { nextSheet: sheet } = await anna.call('getPerson', { params: { personId } });
    const { session } = await startOn(anna, sheet, `${day}T08:00:00.000Z`);
    sessionIds.push(session.id);
    await logAll(anna, session.id, sheet, () => ({ jointPain: 1, reserve: 2, tempoMeasured: [3, 1, 1, 0] }));
    await anna.call('finishSession', {
      params: { sessionId: session.id },
      body: { command: aCommand(), finishedAt: `${day}T08:40:00.000Z`, effort: 7, note: 'Calm today' },
    });
    await anna.call('acceptReview', { params: { sessionId: session.id }, body: { command: aCommand(), choices: [] } });
  }
});
stopAfterAll(() => server);

describe('trends', () => {
  const trends = (weeks?: '8' | '26') => anna.call('getTrends', { params: { personId }, query: weeks ? { weeks } : {} });

  it('weeks, load, sides of the beam, and movements with a history', async () => {
    const { weeks, movements, since, personName } = await trends('8');
    // Monday 23 November is today; eight weeks with this one begin on 5 October.
    expect([personName, since]).toEqual(['Trend Person', '2026-10-05']);
    expect(weeks.map(({ sessions, load }) => [sessions, load])).toEqual([
      [1, 280],
      [2, 560],
    ]);
    expect(weeks[0]?.setsByFamily.squat).toBeGreaterThan(0);
    expect([weeks[0]?.worstPain, weeks[0]?.monotony]).toEqual([1, null]);
    expect(movements[0]).toMatchObject({ sessions: 3, lastOn: '2026-11-19' });
  });

  it('minutes said afterwards win over the clock, and an undone set is in no sum', async () => {
    const before = (await trends()).weeks[1]!;
    await keep(anna, sessionIds[2]!, 'after-trend-1', { kind: 'after', effort: 5, minutes: 60, feltWhere: [], words: '' });
    const { sets, sheet } = await anna.call('getSession', { params: { sessionId: sessionIds[2]! } });
    const squat = sets.find((set) => set.itemId === sheet.items[0]!.id)!;
    await anna.call('logSet', {
      params: { sessionId: sessionIds[2]!, setId: squat.id },
      body: aSetBody(sheet.items[0]!, { setIndex: squat.setIndex, removed: true }),
    });
    const after = (await trends()).weeks[1]!;
    expect([before.load, after.load]).toEqual([560, 280 + 300]);
    expect(after.setsDone).toBe(before.setsDone - 1);
  });

  it('joint pain before the first set, by area', async () => {
    const answers = { ...NOT_ASKED, joints: [{ area: 'knee' as const, side: 'left' as const, pain: 2 }] };
    await keep(anna, sessionIds[0]!, 'check-trend-1', { kind: 'check-in', answers });
    expect((await trends()).weeks[0]?.painByArea).toEqual({ knee: 2 });
  });

  it('one movement session by session: done, estimated, decided', async () => {
    const { movements } = await trends();
    const variationId = movements.find((movement) => movement.variationId === 'goblet-squat')!.variationId;
    const { points, verdicts } = await anna.call('getExerciseTrend', { params: { personId, variationId }, query: {} });
    // It may have been left for the next stage: only the sessions it was trained in.
    const sheets = await Promise.all(sessionIds.map((sessionId) => anna.call('getSession', { params: { sessionId } })));
    const trained = sessionIds.filter((_, at) => sheets[at]!.sheet.items.some((item) => item.variationId === variationId));
    expect(trained.length).toBeGreaterThan(1);
    expect(points.map(({ sessionId }) => sessionId)).toEqual(trained);
    const [first] = points;
    expect(first!.oneRepMax.both!.lowKg).toBeLessThan(first!.oneRepMax.both!.highKg);
    expect(verdicts.map(({ sessionId }) => sessionId)).toEqual(trained);
    expect(points.every(({ clean }) => clean === true)).toBe(true);
  });

  it('nobody else’s, and nothing of somebody who never trained', async () => {
    await addPerson(anna, 'person-empty');
    expect((await anna.call('getTrends', { params: { personId: 'person-empty' }, query: {} })).weeks).toEqual([]);
    expect((await anna.refused('getTrends', { params: { personId: 'no-such-person' }, query: {} })).code).toBe('not-found');
    const nothing = { params: { personId: 'person-empty', variationId: 'goblet-squat' }, query: {} };
    expect((await anna.call('getExerciseTrend', nothing)).points).toEqual([]);
  });
});

describe('search', () => {
  it('finds letters with marks by those without, and the other way round', async () => {
    await addPerson(anna, 'person-odegard', { name: 'Kåre Ødegård', note: 'Grüßt gern' });
    for (const words of ['odeg', 'ØDEGÅ', 'kare', 'grusst', 'Grüß']) {
      const { people } = await anna.call('search', { query: { words } });
      expect([words, people.map(({ name }) => name)]).toEqual([words, ['Kåre Ødegård']]);
    }
    expect((await anna.call('search', { query: { words: 'odegx' } })).people).toEqual([]);
  });

  const find = (words: string) => anna.call('search', { query: { words } });

  it('finds people, notes, limits, and what was said about a session', async () => {
    await consent(anna, personId);
    const note = { kind: 'note', on: '2026-11-20', text: 'Likes the 50% rack_2', pinned: false, watch: false } as const;
    await anna.call('saveRecord', {
      params: { personId, recordId: 'note-find-01' },
      body: { command: aCommand(), fields: note },
    });
    await keep(anna, sessionIds[1]!, 'after-find-1', {
      kind: 'after',
      effort: 7,
      minutes: null,
      feltWhere: [],
      words: 'My calves sang',
    });
    expect((await find('trend per')).people).toMatchObject([{ id: personId, isArchived: false }]);
    expect((await find('CALM')).texts.map(({ where, sessionId }) => [where, sessionId])).toEqual(
      [...sessionIds].reverse().map((id) => ['session-note', id]),
    );
    expect((await find('calves sang')).texts).toMatchObject([{ where: 'session-words', sessionId: sessionIds[1], personId }]);
    expect((await find('50% rack')).texts).toMatchObject([{ where: 'note', text: 'Likes the 50% rack_2', on: '2026-11-20' }]);
  });

  it('signs mean themselves, and what was taken away is not found', async () => {
    expect((await find('5_% rack')).texts).toEqual([]);
    await anna.call('setRecordRemoved', {
      params: { personId, recordId: 'note-find-01' },
      body: { command: aCommand(), removed: true },
    });
    expect((await find('50% rack')).texts).toEqual([]);
  });

  it('one letter is too little, and another studio finds nothing', async () => {
    expect((await anna.refused('search', { query: { words: 'a' } })).fields?.[0]?.path).toBe('query.words');
    await server.addStudio('bea');
    const other = await server.client('bea');
    expect(await other.call('search', { query: { words: 'Calm' } })).toEqual({ people: [], texts: [], movements: [] });
  });
});

it('a whole studio with session records goes out and says so in its version', async () => {
  const bundle = await anna.call('exportStudio', {});
  expect(bundle.sessionRecords.length).toBeGreaterThan(2);
  expect(bundle.sessions.every(({ entry }) => entry === 'live')).toBe(true);
});
