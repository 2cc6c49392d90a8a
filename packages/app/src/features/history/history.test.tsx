import { act, fireEvent, screen } from '@testing-library/react-native';
import type { ExerciseTrendDto, SessionHistoryDto, TrendsDto, TrendWeekDto } from '@drubo/contracts';
import { aDetail, aLoggedSet, aSessionRecord, SESSION_ID } from '../../../tests/builders';
import { quietClient, show } from '../../../tests/show';
import { keyOf } from '../../data/keys';
import { ExerciseTrendScreen } from './ExerciseTrendScreen';
import { SessionRecordScreen } from './SessionRecordScreen';
import { TrendsScreen } from './TrendsScreen';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
let mockParams: Record<string, string> = {};
jest.mock('expo-router', () => ({ useRouter: () => mockRouter, useLocalSearchParams: () => mockParams }));
jest.mock('../../data/offline/QueueProvider', () => ({ useCommands: () => [], useWriter: () => ({ isReady: true }) }));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
const choose = async (name: string) => {
  fireEvent.press(screen.getByRole('radio', { name }));
  await act(async () => undefined);
};
beforeEach(() => jest.clearAllMocks());

const week = (over: Partial<TrendWeekDto> = {}): TrendWeekDto => ({
  monday: 20_773,
  sessions: 2,
  setsByFamily: { squat: 6, hinge: 3 },
  setsByMuscle: { glutes: 5.4 },
  kneeSets: 6,
  hipSets: 3,
  load: 560,
  loadSessions: 2,
  monotony: null,
  strain: null,
  setsPlanned: 12,
  setsDone: 9,
  tempoKept: null,
  worstPain: null,
  painByArea: {},
  ...over,
});

describe('trends', () => {
  const trends: TrendsDto = {
    personName: 'Test Person',
    since: '2026-06-01',
    weeks: [
      week(),
      week({
        monday: 20_780,
        monotony: 1.2,
        strain: 672,
        worstPain: 3,
        painByArea: { knee: 2 },
        tempoKept: 0.75,
        loadSessions: 1,
      }),
    ],
    movements: [
      { variationId: 'goblet-squat', sessions: 2, lastOn: '2026-11-24' },
      { variationId: 'glute-bridge', sessions: 1, lastOn: '2026-11-20' },
    ],
  };
  const draw = () => {
    mockParams = { personId: 'person-0001' };
    const client = quietClient();
    client.setQueryData(keyOf('getTrends', { params: { personId: 'person-0001' }, query: { weeks: '26' } }), trends);
    show(<TrendsScreen />, { client });
  };

  it('every chart has the numbers behind it, and unknown is said, not drawn as none', async () => {
    draw();
    for (const title of ['Hard sets a week', 'Knee and hip', 'Load a week', 'Kept to the plan', 'Pain']) {
      await press(`${title}: show the table`);
    }
    expect(screen.getAllByText('not asked').length).toBe(1);
    expect(screen.getByText('not measured')).toBeTruthy();
    expect(screen.getByText('75 %')).toBeTruthy();
    expect(screen.getByText('560 (1 of 2)')).toBeTruthy();
    // A column for each area somebody told of, and none for the others.
    expect(screen.getByText('Knee, before')).toBeTruthy();
    expect(screen.queryByText('Ankle or foot, before')).toBeNull();
    expect(screen.getByText(/Monotony 1.2 and strain 672 in the week of/)).toBeTruthy();
  });

  it('monotony says what it rests on', async () => {
    draw();
    await press('Why: monotony and strain');
    expect(screen.getByText(/^Mean daily load over its spread: monotony 1.2/)).toBeTruthy();
    expect(screen.getByText(/Foster 1998/)).toBeTruthy();
  });

  it('a family narrows sets and movements; another time is another question', async () => {
    draw();
    await choose('Squat');
    expect(screen.queryByText('Glute bridge')).toBeNull();
    expect(screen.queryByText('Load a week')).toBeNull();
    await press('Look at Goblet squat over time');
    expect(mockRouter.push).toHaveBeenCalledWith('/people/person-0001/trends/goblet-squat');
    await choose('8 weeks');
    expect(screen.queryByText('Hard sets a week')).toBeNull();
  });
});

describe('one movement over time', () => {
  const point = (over: Partial<ExerciseTrendDto['points'][number]> = {}): ExerciseTrendDto['points'][number] => ({
    sessionId: 'session-1',
    day: 20_773,
    loadKg: 16,
    reps: 10,
    seconds: null,
    sets: 3,
    reserve: 2,
    clean: true,
    oneRepMax: { both: { kg: 30, lowKg: 27, highKg: 33 } },
    leftBehind: null,
    ...over,
  });
  const draw = (over: Partial<ExerciseTrendDto> = {}, unit: 'kg' | 'lb' = 'kg') => {
    mockParams = { personId: 'person-0001', variationId: over.variationId ?? 'goblet-squat' };
    const trend: ExerciseTrendDto = {
      personName: 'Test Person',
      variationId: 'goblet-squat',
      points: [point(), point({ sessionId: 'session-2', day: 20_777, loadKg: 20 })],
      verdicts: [{ sessionId: 'session-2', day: 20_777, verdict: 'move-up', toVariationId: 'front-squat' }],
      gateMetOn: [{ day: 20_777, ladderId: 'two-leg-squat' }],
      ...over,
    };
    const client = quietClient();
    const { personId, variationId } = mockParams as { personId: string; variationId: string };
    client.setQueryData(keyOf('getExerciseTrend', { params: { personId, variationId }, query: { weeks: '26' } }), trend);
    show(<ExerciseTrendScreen />, { unit, client });
  };

  it('shows the estimate with its band, loads in the trainer’s unit, and what was decided', async () => {
    draw({}, 'lb');
    expect(screen.getByText('Estimated one-rep maximum, lb')).toBeTruthy();
    expect(screen.getByText(/what earns the next stage was shown/)).toBeTruthy();
    await press('Heaviest work load, lb: show the table');
    expect(screen.getByText('35.3 lb')).toBeTruthy();
    expect(screen.getAllByText('66.1 lb (59.5 lb–72.8 lb)')).toHaveLength(2);
    expect(screen.getByText('on to front squat')).toBeTruthy();
    await press(/^The session of/);
    expect(mockRouter.push).toHaveBeenCalledWith('/sessions/session-2');
  });

  it('legs that work apart have lines of their own and their difference', async () => {
    const sides = { left: { kg: 20, lowKg: 18, highKg: 22 }, right: { kg: 23, lowKg: 21, highKg: 25 } };
    const apart = (sessionId: string, day: number) =>
      point({ sessionId, day, oneRepMax: sides, leftBehind: { share: 0.12, error: 0.03 } });
    draw({ variationId: 'split-squat', points: [apart('a', 20_773), apart('b', 20_777)] });
    expect(screen.getByText(/● left leg □ right leg/)).toBeTruthy();
    await press('Left leg behind right, %: show the table');
    expect(screen.getAllByText('12 %')).toHaveLength(2);
  });

  it('a movement not done in this time says so', () => {
    draw({ points: [], verdicts: [] });
    expect(screen.getByText('Not done in this time')).toBeTruthy();
  });
});

it('the whole record of a session: amendments under their sets, what was undone, what happened and what was decided', async () => {
  const detail = aDetail();
  const first = aLoggedSet({ reps: 12, revision: 1 });
  const history: SessionHistoryDto = {
    session: { ...detail.session, state: 'reviewed', note: 'Calm today' },
    personName: 'Test Person',
    sheet: detail.sheet,
    sets: [first, { ...first, reps: 11, revision: 2 }, aLoggedSet({ id: 'gone', setIndex: 1, removed: true, reps: 900 })],
    records: [
      aSessionRecord({ kind: 'leave', itemId: 'item-hinge-1', because: 'time' }, { removed: true, revision: 2 }),
      aSessionRecord({ kind: 'note', text: 'second rack', itemId: null }),
    ],
    decisions: [],
  };
  mockParams = { sessionId: SESSION_ID };
  const client = quietClient();
  client.setQueryData(keyOf('getSessionHistory', { params: { sessionId: SESSION_ID } }), history);
  show(<SessionRecordScreen />, { client });
  expect(screen.getByText(/^11 reps/)).toBeTruthy();
  expect(screen.getByText(/^Was: 12 reps/)).toBeTruthy();
  expect(screen.getByText(/^Set 2 · .* · undone$/)).toBeTruthy();
  expect(screen.getByText(/reps can’t be right/)).toBeTruthy();
  expect(screen.getByText(/undone: Dumbbell Romanian deadlift left, for time/)).toBeTruthy();
  expect(screen.getByText(/second rack/)).toBeTruthy();
  expect(screen.getByText('Calm today')).toBeTruthy();
  await press('Look at Dumbbell Romanian deadlift over time');
  expect(mockRouter.push).toHaveBeenCalledWith(`/people/${detail.session.personId}/trends/dumbbell-romanian-deadlift`);
  await press('Review');
  expect(mockRouter.push).toHaveBeenCalledWith(`/review/${SESSION_ID}`);
});

it('the record says “reserve not asked” of main work only, not of a drill nobody asks it of', () => {
  const detail = aDetail();
  const drawn = (role: 'main' | 'prep') => {
    const history: SessionHistoryDto = {
      session: { ...detail.session, state: 'reviewed' },
      personName: 'Test Person',
      sheet: { ...detail.sheet, blocks: detail.sheet.blocks.map((block) => ({ ...block, role })) },
      sets: [aLoggedSet({ reserve: null })],
      records: [],
      decisions: [],
    };
    mockParams = { sessionId: SESSION_ID };
    const client = quietClient();
    client.setQueryData(keyOf('getSessionHistory', { params: { sessionId: SESSION_ID } }), history);
    return show(<SessionRecordScreen />, { client });
  };
  const main = drawn('main');
  expect(screen.getByText(/reps · .*reserve not asked/)).toBeTruthy();
  main.unmount();
  drawn('prep');
  expect(screen.queryByText(/reserve/)).toBeNull();
});

/** The record of a session with these sets and records, read where clocks show India's time. */
const showRecord = (over: Pick<SessionHistoryDto, 'sets'> & Partial<SessionHistoryDto>) => {
  const detail = aDetail();
  const history: SessionHistoryDto = {
    session: { ...detail.session, state: 'reviewed' },
    personName: 'Test Person',
    sheet: detail.sheet,
    records: [],
    decisions: [],
    ...over,
  };
  mockParams = { sessionId: SESSION_ID };
  const client = quietClient();
  client.setQueryData(keyOf('getSessionHistory', { params: { sessionId: SESSION_ID } }), history);
  show(<SessionRecordScreen />, { client, timeZone: 'Asia/Kolkata' });
};

it('times are those of the studio’s clocks, wherever the phone is', () => {
  showRecord({
    sets: [aLoggedSet({ loggedAt: '2026-11-23T09:00:00.000Z' })],
    records: [aSessionRecord({ kind: 'note', text: 'well', itemId: null }, { madeAt: '2026-11-23T22:30:00.000Z' })],
  });
  // Source: India keeps UTC+5:30 all year (IANA time zone database).
  expect(screen.getByText(/· 14:30/)).toBeTruthy();
  expect(screen.getByText(/^04:00 · /)).toBeTruthy();
});

it('a set from a phone whose clock ran ahead says so, with the time the server had it', () => {
  showRecord({ sets: [aLoggedSet({ loggedAt: '2099-01-01T09:00:00.000Z', receivedAt: '2026-11-23T09:00:00.000Z' })] });
  expect(screen.getByText(/· 14:30/)).toBeTruthy();
  expect(screen.getByText(/^The phone’s clock stood at 1 Jan 2099/)).toBeTruthy();
});
