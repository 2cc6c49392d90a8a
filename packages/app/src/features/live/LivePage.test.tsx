import { act, fireEvent, screen } from '@testing-library/react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import { aDetail, aLoggedSet, SESSION_ID } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { onTheFloor } from './floor';
import { LivePage as Page } from './LivePage';
import { forgetPlace } from './place';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn(), flush: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
// There is no browser here to keep awake.
jest.mock('./use-wake-lock', () => ({ useWakeLock: () => undefined }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));

const LivePage = ({ detail }: { detail: SessionDetailDto }) => <Page detail={onTheFloor(detail)} />;
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
const choose = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('radio', { name }));
  await act(async () => undefined);
};
/** The pad takes no second tap for a moment. */
const settle = () => act(async () => void jest.advanceTimersByTime(1_000));
const sent = (at = -1) => mockWriter.log.mock.calls.at(at)?.[0];

beforeEach(() => {
  jest.useFakeTimers();
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
  forgetPlace(SESSION_ID);
});
afterEach(() => jest.useRealTimers());

describe('logging', () => {
  it('one tap logs the plan; a second tap right after it is the same tap', async () => {
    show(<LivePage detail={aDetail()} />);
    await press(/^Log as planned/);
    await press(/^Log as planned/);
    expect(mockWriter.log).toHaveBeenCalledTimes(1);
    expect(sent()).toMatchObject({
      endpointId: 'logSet',
      params: { setId: `${SESSION_ID}-squat-0-both` },
      aggregate: 'sheet:sheet-0001',
      body: { reps: 12, reserve: null, jointPain: null, clean: 'yes', endedBy: 'planned', restBeforeSeconds: null },
    });
    await settle();
    await press(/^Log as planned/);
    expect(mockWriter.log).toHaveBeenCalledTimes(2);
  });

  it('logs what was entered: fewer reps, another load, reserve, a fault that breaks the set', async () => {
    show(<LivePage detail={aDetail()} />);
    await press('Reps: less');
    await press('Load: more');
    await choose('1 in reserve');
    await press('heels lift');
    await press('heels lift: note');
    await press(/^Log set · 11 reps, 12 kg bell/);
    expect(sent().body).toMatchObject({
      reps: 11,
      plannedReps: 12,
      endedBy: 'choice',
      reserve: 1,
      reserveFrom: 'client',
      clean: 'no',
      faults: [{ id: 'heels-lift', severity: 'breaks' }],
      implements: [{ type: 'kettlebell', value: 12, count: 1 }],
    });
  });

  it('amends an earlier set under its own id and time', async () => {
    show(<LivePage detail={aDetail([aLoggedSet({ reps: 12, loggedAt: '2026-11-23T09:00:00.000Z', restBeforeSeconds: 80 })])} />);
    await press('Set 1: 12 reps logged. Change it');
    await press('Reps: less');
    await press(/^Save the change/);
    expect(sent().params.setId).toBe(`${SESSION_ID}-squat-0-both`);
    expect(sent().body).toMatchObject({ reps: 11, loggedAt: '2026-11-23T09:00:00.000Z', restBeforeSeconds: 80 });
  });

  it('a device that can’t keep the set says so, and the pad stays as it was', async () => {
    mockWriter.log.mockRejectedValue(new Error('disk full'));
    show(<LivePage detail={aDetail()} />);
    await press('Reps: less');
    await press(/^Log set · 11 reps/);
    expect(screen.getByText(/Not logged: this device could not keep it \(disk full\)/)).toBeTruthy();
    await settle();
    expect(screen.getByRole('button', { name: /^Log set · 11 reps/ })).toBeTruthy();
  });

  it('undoes the last set from the rest strip', async () => {
    show(<LivePage detail={aDetail([aLoggedSet({ loggedAt: new Date().toISOString() })])} />);
    await press('Undo the last set');
    expect(sent().body).toMatchObject({ removed: true, reps: 10 });
  });
});

describe('pain', () => {
  it('is asked by hand, advised on at once, and ends the exercise for today when it must', async () => {
    const drawn = show(<LivePage detail={aDetail()} />);
    await press('Stop: pain');
    await press('Stop with pain 7 of 10');
    expect(sent(-2).body).toMatchObject({ endedBy: 'pain', jointPain: 7 });
    expect(sent()).toMatchObject({ endpointId: 'saveSessionRecord', body: { fields: { kind: 'leave', because: 'pain' } } });
    expect(screen.getByText('Goblet squat left for pain 7 of 10.')).toBeTruthy();
    drawn.again(<LivePage detail={aDetail([aLoggedSet({ endedBy: 'pain', jointPain: 7 })])} />);
    expect(screen.getByText('Dumbbell Romanian deadlift')).toBeTruthy();
    // One word takes both back.
    await press(/^Undo: Goblet squat left/);
    expect(sent(-2).body).toMatchObject({ removed: true, fields: { kind: 'leave' } });
    expect(sent().body).toMatchObject({ removed: true, jointPain: 7 });
  });
});

describe('ending', () => {
  const everything = aDetail().sheet.items.flatMap((item) =>
    Array.from({ length: item.dose.sets }, (_, setIndex) =>
      (item.slot === 'lunge' ? (['left', 'right'] as const) : (['both'] as const)).map((side) =>
        aLoggedSet({ id: `${item.id}-${setIndex}-${side}`, itemId: item.id, setIndex, side }),
      ),
    ).flat(),
  );

  it('says what is missing, takes effort and a note, and goes on to the review', async () => {
    show(<LivePage detail={aDetail([aLoggedSet()])} />);
    await press(/^More/);
    await press('Finish the session');
    expect(screen.getByText('1 of 10 sets logged. The rest stays undone.')).toBeTruthy();
    await choose('Effort 6 of 10');
    fireEvent.changeText(screen.getByLabelText('Note'), ' slept badly ');
    // The dialog's own button; the one behind it opened it.
    fireEvent.press(screen.getAllByRole('button', { name: 'Finish' }).at(-1)!);
    await act(async () => undefined);
    expect(sent()).toMatchObject({ endpointId: 'finishSession', body: { effort: 6, note: 'slept badly' } });
    expect(mockRouter.replace).toHaveBeenCalledWith(`/review/${SESSION_ID}`);
  });

  it('with every set logged there is nothing left to log but one more', async () => {
    show(<LivePage detail={aDetail(everything)} />);
    expect(screen.getByText(/^Every set is logged\./)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Log/ })).toBeNull();
    await press('One more set');
    expect(screen.getByRole('button', { name: /^Log/ })).toBeTruthy();
  });

  it('discards only after asking', async () => {
    show(<LivePage detail={aDetail([aLoggedSet()])} />);
    await press(/^More/);
    await press('Discard the session');
    expect(mockWriter.log).not.toHaveBeenCalled();
    await press('Keep');
    await press(/^More/);
    await press('Discard the session');
    await press('Discard');
    expect(sent()).toMatchObject({ endpointId: 'discardSession', params: { sessionId: SESSION_ID } });
  });
});
