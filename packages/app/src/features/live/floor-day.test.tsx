import { act, fireEvent, screen } from '@testing-library/react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import { aComposing, aDetail, aLoggedSet, aSessionRecord, SESSION_ID } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { keyOf } from '../../data/keys';
import { onTheFloor } from './floor';
import { LivePage } from './LivePage';
import { forgetPlace } from './place';
import { HOLD } from '../../ui/use-run-while-held';
import { keepPaired } from './use-sensor';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn(), flush: jest.fn() };
let mockTell: ((event: object) => void) | null = null;
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('./use-wake-lock', () => ({ useWakeLock: () => undefined }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));
jest.mock('../../data/devices/rep-sensor', () => ({
  standInSensor: (_: object, onEvent: (event: object) => void) => {
    mockTell = onEvent;
    return () => undefined;
  },
}));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getAllByRole('button', { name }).at(-1)!);
  await act(async () => undefined);
};
const settle = () => act(async () => void jest.advanceTimersByTime(1_000));
const draw = (detail: SessionDetailDto = aDetail()) => {
  const drawn = show(<LivePage detail={onTheFloor(detail)} />);
  drawn.client.setQueryData(keyOf('getComposing', { params: { sheetId: 'sheet-0001' } }), aComposing());
  return drawn;
};
const sent = (at = -1) => mockWriter.log.mock.calls.at(at)?.[0];
const kept = () =>
  mockWriter.log.mock.calls.flatMap(([call]) => (call.endpointId === 'saveSessionRecord' ? [call.body.fields] : []));

beforeEach(() => {
  jest.useFakeTimers();
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
  forgetPlace(SESSION_ID);
  keepPaired(false);
});
afterEach(() => jest.useRealTimers());

describe('three escapes, two taps each', () => {
  it('kit taken: the nearest that needs none of it, with a dose, in its place', async () => {
    draw();
    await press('Kit taken');
    expect(screen.getByRole('button', { name: 'Dumbbells' })).toBeTruthy();
    await press(/^Take .* instead$/);
    const [swap] = kept();
    expect(swap).toMatchObject({ kind: 'swap', itemId: 'item-squat-1', because: 'kit', item: { slot: 'squat-2' } });
    expect(swap.item.dose.load.implements.map(({ type }: { type: string }) => type)).not.toContain('dumbbell');
    expect(screen.getByText(/ instead of goblet squat\.$/)).toBeTruthy();
    await press(/^Undo: /);
    expect(sent().body).toMatchObject({ removed: true, fields: { kind: 'swap' } });
  });

  it('short of time: cuts from the bottom, says why, and one word takes all of it back', async () => {
    draw();
    await press('Short of time');
    for (let step = 0; step < 8; step += 1) await press('Minutes left: less');
    await press('Do this');
    const cut = kept();
    expect(cut.length).toBeGreaterThan(0);
    expect(cut.map(({ itemId }) => itemId)).not.toContain('item-squat-1');
    mockWriter.log.mockClear();
    await press(/^Undo: Cut to/);
    expect(mockWriter.log.mock.calls.map(([call]) => call.body.removed)).toEqual(cut.map(() => true));
  });

  it('a device that fills up half way says so, and what was kept until then can be taken back', async () => {
    draw();
    await press('Short of time');
    for (let step = 0; step < 8; step += 1) await press('Minutes left: less');
    mockWriter.log.mockResolvedValueOnce(undefined).mockRejectedValueOnce(new DOMException('', 'QuotaExceededError'));
    await press('Do this');
    expect(screen.getByText(/^Not logged: this device is full/)).toBeTruthy();
    const [first] = kept();
    mockWriter.log.mockClear();
    await press(/^Undo: In part: Cut to/);
    expect(mockWriter.log.mock.calls.map(([call]) => [call.body.removed, call.body.fields])).toEqual([[true, first]]);
  });
});

describe('the check-in', () => {
  it('passed over it is gone; answered, its changes are taken with it', async () => {
    const drawn = draw();
    await press('Check in');
    await press('Front of thigh');
    await press('Front of thigh soreness 5 of 10');
    expect(screen.getByText(/Front of thigh sore, 5 of 10: Goblet squat down from 2 to 1 set\./)).toBeTruthy();
    await press(/^Done · /);
    expect(kept().map(({ kind }) => kind)).toEqual(expect.arrayContaining(['check-in', 'sets']));
    expect(kept()[0].answers).toMatchObject({ soreness: [{ muscle: 'front-thigh', level: 5 }], joints: null, painkillers: null });
    expect(screen.queryByText('How are they today?')).toBeNull();
    drawn.unmount();
    forgetPlace(SESSION_ID);
    draw();
    await press('Skip the check-in');
    expect(screen.queryByText('How are they today?')).toBeNull();
  });

  it('what is not taken changes nothing', async () => {
    draw();
    await press('Check in');
    await press('Front of thigh');
    await press('Front of thigh soreness 5 of 10');
    for (const taken of screen.getAllByRole('button', { name: /^Taken: / })) fireEvent.press(taken);
    await press('Done');
    expect(kept().map(({ kind }) => kind)).toEqual(['check-in']);
  });

  it('a pressure that is no pressure is told before anything is kept', async () => {
    draw();
    await press('Check in');
    fireEvent.changeText(screen.getByLabelText('Upper pressure (mmHg)'), '80');
    fireEvent.changeText(screen.getByLabelText('Lower pressure (mmHg)'), '120');
    expect(screen.getByText(/Blood pressure must be two numbers/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Done', disabled: true })).toBeTruthy();
  });

  it('a fever stops the session in words', async () => {
    draw();
    await press('Check in');
    fireEvent.press(screen.getByRole('radio', { name: 'Fever or chest' }));
    expect(screen.getByText(/^Fever or a chest illness: no session/)).toBeTruthy();
  });
});

describe('kinds of sets', () => {
  it('why a set was short is asked where it was short, and goes along', async () => {
    draw();
    expect(screen.queryByRole('radio', { name: 'Grip gave out' })).toBeNull();
    await press('Reps: less');
    fireEvent.press(screen.getByRole('radio', { name: 'Grip gave out' }));
    await press(/^Log set · /);
    expect(sent().body).toMatchObject({ endedBy: 'grip', reps: 11 });
  });

  it('a drop hangs from the set before it, a fifth lighter', async () => {
    const set = aLoggedSet({ externalKg: 20 });
    draw(aDetail([set]));
    await press(/^Drop: /);
    expect(screen.getByText('Drop 1')).toBeTruthy();
    await press(/^Log as planned · /);
    expect(sent()).toMatchObject({
      params: { setId: `${SESSION_ID}-squat-d0-both` },
      body: { kind: 'drop', parentSetId: set.id },
    });
    expect(sent().body.implements[0].value).toBeLessThanOrEqual(16);
  });

  it('rounds of a pair are numbered', async () => {
    const detail = aDetail();
    const blocks = [{ id: 'b0', role: 'main' as const, kind: 'rounds' as const, roundRestSeconds: 60 }];
    draw({ ...detail, sheet: { ...detail.sheet, blocks } });
    await press(/^Log as planned · /);
    expect(sent().body.round).toBe(0);
  });

  it('a load this kit does not make is taken, and marked', async () => {
    draw();
    await press(/^More/);
    fireEvent.changeText(screen.getByLabelText('A load that is not on this kit (kg)'), '900');
    expect(screen.getByText(/must be a number above 0 and up to 500 kg/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('A load that is not on this kit (kg)'), '13.5');
    await press('Use 13.5 kg');
    expect(screen.getByText('not on this kit')).toBeTruthy();
    await press(/^Log set · /);
    expect(sent().body.implements).toMatchObject([{ pieceId: 'off-kit', value: 13.5, unit: 'kg', count: 1 }]);
  });

  it('advice that was passed over is kept with the set it was about', async () => {
    draw(aDetail([aLoggedSet({ reps: 4, endedBy: 'failure', externalKg: 10 })]));
    await press('Load: more');
    await press('Load: more');
    await press(/^Log set · /);
    expect(kept()).toMatchObject([{ kind: 'passed-over', itemId: 'item-squat-1' }]);
  });

  it('from paper nothing rests, nobody judged, and sets follow each other from when it began', async () => {
    draw(aDetail([aLoggedSet()], { entry: 'paper', startedAt: '2026-11-22T17:00:00.000Z' }));
    expect(screen.queryByRole('timer')).toBeNull();
    await press(/^Log/);
    expect(sent().body).toMatchObject({ clean: 'not-judged', restBeforeSeconds: null, loggedAt: '2026-11-22T17:05:00.000Z' });
  });
});

describe('the rep sensor', () => {
  const rep = (index: number, over: object = {}) => ({
    kind: 'rep',
    rep: { index, loweringSeconds: 2, bottomSeconds: 0, liftingSeconds: 1, topSeconds: 0, meanSpeedMps: 0.6, ...over },
  });
  const tell = (event: object) => act(async () => mockTell?.(event));

  it('fills reps and tempo, passes over nonsense, and goes quiet without taking anything away', async () => {
    keepPaired(true);
    draw();
    await press('Start the set under the rep sensor');
    await tell(rep(1));
    await tell(rep(2, { meanSpeedMps: 0.45 }));
    await tell(rep(3, { loweringSeconds: -4 }));
    expect(screen.getByText(/^2 reps · .*25 % slower than the quickest · 1 not believed$/)).toBeTruthy();
    await tell({ kind: 'lost' });
    expect(screen.getByText(/^No contact, count on by hand/)).toBeTruthy();
    await press('Reps: more');
    await press(/^Log set · 3 reps/);
    expect(sent().body).toMatchObject({ reps: 3, tempoMeasured: [2, 0, 1, 0] });
  });
});

describe('a session without exercises', () => {
  it('says what to do, and an added one stands in it', async () => {
    const detail = aDetail();
    const empty = { ...detail, sheet: { ...detail.sheet, items: [], blocks: [] } };
    draw(empty);
    await press('Add an exercise');
    fireEvent.changeText(screen.getByLabelText('Search exercises'), 'wall sit');
    await press('Add Wall sit');
    expect(kept()).toMatchObject([{ kind: 'add', item: { variationId: 'wall-sit' }, afterItemId: null }]);
    screen.unmount();
    const record = aSessionRecord(kept()[0]);
    draw({ ...empty, records: [record] });
    await press('Skip the check-in');
    // A hold has no reps left; it could have gone on for so long.
    expect(screen.queryByLabelText('Reps in reserve')).toBeNull();
    expect(screen.queryByText(/in reserve/)).toBeNull();
    expect(screen.getByText('Could have held … more · not asked')).toBeTruthy();
    expect(screen.getByLabelText(/^\d+ s to hold$/)).toBeTruthy();
    // A hold is counted down, and an early end keeps the seconds that were held.
    await press('Count down');
    await act(async () => void jest.advanceTimersByTime(11_000));
    await press('Stop here');
    fireEvent.press(screen.getByLabelText('15 seconds longer'));
    await press(/^Log set · 11 s/);
    expect(sent().body).toMatchObject({ kind: 'timed', seconds: 11, reps: null, secondsLeft: 15 });
  });
});

describe('putting right', () => {
  it('any set can be deleted, and one word brings it back as it was', async () => {
    draw(aDetail([aLoggedSet({ reps: 9 }), aLoggedSet({ id: 'second-set', setIndex: 1, reps: 8 })]));
    await press('The exercise before');
    await press('Set 1: 9 reps logged. Change it');
    await press('Delete this set');
    expect(sent().body).toMatchObject({ removed: true, reps: 9 });
    await press('Undo: Set 1 deleted.');
    expect(sent().body).toMatchObject({ removed: false, reps: 9 });
  });

  it('opened by mistake, it is kept as it was', async () => {
    draw(aDetail([aLoggedSet({ reps: 9 })]));
    await press('Set 1: 9 reps logged. Change it');
    await press('Keep it as it was');
    expect(screen.getByText('Set 2 of 2')).toBeTruthy();
    expect(mockWriter.log).not.toHaveBeenCalled();
  });
});

describe('quick notes and leaving', () => {
  it('a note is kept at once; leaving an exercise is one tap and can be undone', async () => {
    draw();
    await press(/^More/);
    fireEvent.changeText(screen.getByLabelText('Quick note'), ' likes the low bench ');
    await press('Keep the note');
    expect(kept()).toMatchObject([{ kind: 'note', text: 'likes the low bench', itemId: 'item-squat-1' }]);
    await settle();
    await press(/^More/);
    await press('Leave this one today');
    expect(kept().at(-1)).toMatchObject({ kind: 'leave', because: 'choice' });
    expect(screen.getByText('Goblet squat left for today.')).toBeTruthy();
  });
});

it('a movement that is new is begun with what to be careful with, then its first cue', async () => {
  draw();
  await press('Skip');
  expect(
    screen.getByText(/^First time here\. Take big bells up and set them down with two hands\. Elbows inside the knees\.$/),
  ).toBeTruthy();
  // How it is set up is one tap away.
  await press('Set-up of Goblet squat');
  for (const line of [/^A heavy bell stands on a box/, /both hands on it, pull it close/, /^Out in front with both hands/])
    expect(screen.getByText(line)).toBeTruthy();
  await press('Done');
  expect(screen.queryByText(/^A heavy bell stands on a box/)).toBeNull();
});

it('one that was done before keeps its set-up under More', async () => {
  const detail = aDetail();
  const items = detail.sheet.items.map((item) => ({
    ...item,
    lastTime: { sessionId: SESSION_ID, date: '2026-11-16', variationId: item.variationId, dose: item.dose, sets: [] },
  }));
  draw({ ...detail, sheet: { ...detail.sheet, items } });
  expect(screen.queryByRole('button', { name: /^Set-up of/ })).toBeNull();
  await press(/^More/);
  expect(screen.getByText(/^A heavy bell stands on a box/)).toBeTruthy();
});

describe('fewer taps', () => {
  const warmUp = (): SessionDetailDto => {
    const detail = aDetail();
    return { ...detail, sheet: { ...detail.sheet, blocks: detail.sheet.blocks.map((block) => ({ ...block, role: 'prep' })) } };
  };

  it('the warm-up is logged as planned with one tap, not judged, and taken back with one', async () => {
    draw(warmUp());
    await press(/^Warm-up done · \d drills$/);
    const logged = mockWriter.log.mock.calls.map(([call]) => call).filter(({ endpointId }) => endpointId === 'logSet');
    expect(logged.length).toBeGreaterThan(3);
    expect(new Set(logged.map(({ params }) => params.setId)).size).toBe(logged.length);
    for (const { body } of logged) expect(body).toMatchObject({ removed: false, clean: 'not-judged', endedBy: 'planned' });
    await press(/^Undo: /);
    const undone = mockWriter.log.mock.calls.map(([call]) => call).filter(({ body }) => body.removed === true);
    expect(undone.map(({ params }) => params.setId).sort()).toEqual(logged.map(({ params }) => params.setId).sort());
  });

  it('is offered for one drill of two sides too, and not where a single set is left', async () => {
    const detail = warmUp();
    const [item] = detail.sheet.items;
    const only = (stanceOf: string, sets: number) => ({
      ...detail,
      sheet: { ...detail.sheet, items: [{ ...item!, variationId: stanceOf, dose: { ...item!.dose, sets } }] },
    });
    draw(only('half-kneeling-hip-flexor-stretch', 1));
    expect(screen.getByRole('button', { name: /^Warm-up done · 1 drill$/ })).toBeTruthy();
    screen.unmount();
    draw(only('deep-squat-hold', 1));
    expect(screen.queryByRole('button', { name: /^Warm-up done/ })).toBeNull();
  });

  it('is not offered once the work has begun', () => {
    draw();
    expect(screen.queryByRole('button', { name: /^Warm-up done/ })).toBeNull();
  });

  it('a number is typed, and refused where it is none', async () => {
    draw();
    await press('Type the reps');
    fireEvent.changeText(screen.getByLabelText('Reps'), '7.5');
    await press('Set it');
    expect(screen.getByText(/must be a whole number from 0 to 100/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Reps'), '17');
    await press('Set it');
    await press(/^Log set · 17 reps/);
    expect(sent().body.reps).toBe(17);
  });

  it('any load of the rack is one choice', async () => {
    draw();
    await press('Choose a load');
    await press(/^32 kg/);
    await press(/^Log set · .*32 kg/);
    expect(sent().body.implements).toMatchObject([{ value: 32 }]);
  });

  it('minus and plus run while they are held, to the end of their scale', async () => {
    draw();
    const minus = screen.getByRole('button', { name: 'Reps: less' });
    fireEvent(minus, 'longPress');
    for (let step = 0; step < 20; step += 1) await act(async () => void jest.advanceTimersByTime(HOLD.everyMs));
    // A shut button never says that the thumb has gone: it must not run again by itself when it is opened.
    await press('Reps: more');
    await settle();
    await press(/^Log set · 1 rep,/);
    expect(sent().body.reps).toBe(1);
  });

  it('two faults are at hand, all of them one tap further; what is chosen stays', async () => {
    draw();
    expect(screen.queryByRole('button', { name: 'range short' })).toBeNull();
    await press('All faults of this movement');
    await press('range short');
    expect(screen.getByRole('button', { name: 'range short: note' })).toBeTruthy();
  });
});
