import { act, fireEvent, screen } from '@testing-library/react-native';
import type { FloorEntryDto } from '@drubo/contracts';
import { aPerson, aStoredCommand, SESSION_ID } from '../../../tests/builders';
import { show } from '../../../tests/show';
import type { StoredCommand } from '../../data/offline/types';
import { QueueMark } from '../../frame/QueueMark';
import { StorageProblem } from '../../frame/StorageProblem';
import { WaitingScreen } from '../waiting/WaitingScreen';
import { FloorCard } from './FloorCard';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn(), flush: jest.fn() };
let mockCommands: StoredCommand[] = [];
let mockProblem: string | null = null;
jest.mock('expo-router', () => ({ useRouter: () => mockRouter, Link: ({ children }: { children: unknown }) => children }));
jest.mock('../../data/offline/QueueProvider', () => ({
  useWriter: () => mockWriter,
  useCommands: () => mockCommands,
  useWaitsBecause: () => 'The server’s disk is full.',
  useQueueProblem: () => mockProblem,
}));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockCommands = [];
  mockWriter.log.mockResolvedValue(undefined);
});

const entry = (over: Partial<FloorEntryDto> = {}): FloorEntryDto => ({
  booking: { id: 'booking-01', personId: 'person-0001', date: '2026-11-23', time: '09:00', cancelled: false },
  person: aPerson({ name: 'Marit Sole' }),
  nextSheet: { id: 'sheet-0001', attempt: 0, items: [{ variationId: 'goblet-squat', sets: 3 }] },
  liveSessionId: null,
  doneSessionId: null,
  state: 'train',
  watch: [],
  limits: [],
  lastFault: null,
  lastVerdicts: [
    { variationId: 'split-squat', verdict: 'ease-back' },
    { variationId: 'goblet-squat', verdict: 'move-up' },
  ],
  ...over,
});

describe('a booking on the floor', () => {
  it('says what day of the plan it is, and what falls due, each with the way to do it', async () => {
    const ofPlan = {
      dayId: '1-0',
      day: 20_780,
      role: 'squat-led' as const,
      led: 'squat' as const,
      isSheets: false,
      kind: 'lighter' as const,
      week: 5,
      weeks: 5,
      daysLeft: 1,
      missed: 1,
      begins: [],
    };
    show(<FloorCard entry={entry({ ofPlan, dues: ['limits-ask', 'plan-missed', 'lighter-week', 'block-ends'] })} isToday />);
    expect(screen.getByText('Squat, heavy · week 5 of 5, lighter')).toBeTruthy();
    expect(screen.getByText('The sheet that waits was made for another day of the plan.')).toBeTruthy();
    await press('Move the day of Marit Sole');
    expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001/weeks?move=1-0');
    await press('A day was missed: Marit Sole');
    expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001/weeks');
    await press('Ask about limits again: Marit Sole');
    expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001/health');
    // Only to be known.
    expect(screen.getByText('This week is a lighter one')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'This week is a lighter one: Marit Sole' })).toBeNull();
  });

  it('starts the sheet’s session and goes to it', async () => {
    show(<FloorCard entry={entry()} isToday />);
    await press('Start Marit Sole');
    expect(mockWriter.log.mock.calls[0][0]).toMatchObject({
      endpointId: 'startSession',
      params: { sessionId: SESSION_ID },
      body: { sheetId: 'sheet-0001' },
      aggregate: 'sheet:sheet-0001',
    });
    expect(mockRouter.push).toHaveBeenCalledWith(`/live/${SESSION_ID}`);
  });

  it('shows what to watch: what was eased, not what went well', () => {
    show(<FloorCard entry={entry()} isToday />);
    expect(screen.getByText('Ease back')).toBeTruthy();
    expect(screen.queryByText('Move up')).toBeNull();
  });

  it('another day has no Start; a running session has one way on; a done one is looked at', async () => {
    const drawn = show(<FloorCard entry={entry()} isToday={false} />);
    expect(screen.queryByRole('button', { name: 'Start Marit Sole' })).toBeNull();
    drawn.again(<FloorCard entry={entry({ liveSessionId: SESSION_ID })} isToday />);
    await press('Go on with Marit Sole');
    drawn.again(<FloorCard entry={entry({ doneSessionId: 'sheet-0000-0' })} isToday />);
    await press('Session of Marit Sole');
    expect(mockRouter.push.mock.calls).toEqual([[`/live/${SESSION_ID}`], ['/review/sheet-0000-0']]);
  });

  it('a session started here without a network goes on, though the server has not heard of it', () => {
    mockCommands = [aStoredCommand({ endpointId: 'startSession', params: { sessionId: SESSION_ID } })];
    show(<FloorCard entry={entry()} isToday />);
    expect(screen.getByRole('button', { name: 'Go on with Marit Sole' })).toBeTruthy();
  });
});

describe('what waits', () => {
  const refused = () =>
    aStoredCommand({
      state: 'needs-you',
      body: { setIndex: 1, reps: 9, removed: false },
      error: { code: 'session-not-live', message: 'This session was discarded.' },
    });

  it('is a quiet mark with both counts, and nothing when all is sent', () => {
    const drawn = show(<QueueMark />);
    expect(screen.queryByRole('link')).toBeNull();
    mockCommands = [aStoredCommand(), aStoredCommand(), refused()];
    drawn.again(<QueueMark key="more" />);
    expect(screen.getByRole('link', { name: '2 to send, 1 needs you' })).toBeTruthy();
  });

  it('what the server failed over is sent again in the order it was made', async () => {
    mockCommands = [refused(), refused()];
    const before = mockCommands.map(({ id }) => id);
    show(<WaitingScreen />);
    mockWriter.log.mockResolvedValue(undefined);
    mockWriter.remove.mockClear();
    await press('Send all again');
    expect(mockWriter.remove.mock.calls).toEqual(before.map((id) => [[id]]));
  });

  it('the list says what, why, and takes one off only after asking', async () => {
    const command = refused();
    mockCommands = [command, aStoredCommand({ endpointId: 'saveBooking', body: { date: '2026-11-25', time: '09:00' } })];
    show(<WaitingScreen />);
    expect(screen.getByText(/^Set 2: 9 reps/)).toBeTruthy();
    expect(screen.getByText('This session was discarded.')).toBeTruthy();
    expect(screen.getByText(/^Booking on 2026-11-25, 09:00/)).toBeTruthy();
    // Why the server can't take them just now, as it said itself.
    expect(screen.getByText('The server’s disk is full.')).toBeTruthy();
    await press('Try now');
    expect(mockWriter.flush).toHaveBeenCalled();
    await press('Take off the list');
    expect(mockWriter.remove).not.toHaveBeenCalled();
    await press('Take it off');
    expect(mockWriter.remove).toHaveBeenCalledWith([command.id]);
  });
});

describe('a device that keeps nothing', () => {
  it('says so instead of pretending to log', () => {
    show(<StorageProblem />);
    expect(screen.queryByRole('alert')).toBeNull();
    screen.unmount();
    mockProblem = 'the operation is insecure';
    show(<StorageProblem />);
    expect(screen.getByText(/keeps nothing on this device \(the operation is insecure\)/)).toBeTruthy();
    mockProblem = null;
  });
});
