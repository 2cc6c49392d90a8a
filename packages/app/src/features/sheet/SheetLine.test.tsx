import { act, fireEvent, screen } from '@testing-library/react-native';
import { aLoggedSet, aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { LeftOut } from './LeftOut';
import { SheetLine } from './SheetLine';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
const sent = () => mockWriter.log.mock.calls.at(-1)?.[0];
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

const sheet = aSheet();
const [squat] = sheet.items;

describe('a line of the sheet', () => {
  it('opens, with its numbers said first', async () => {
    const open = jest.fn();
    show(<SheetLine sheet={sheet} item={squat!} onOpen={open} />);
    await press(/^Goblet squat: 2 × 8–12/);
    expect(open).toHaveBeenCalledTimes(1);
  });

  it('says what was proposed beside what the trainer changed, and last time beside both', () => {
    const lastTime = {
      sessionId: 'session-01',
      date: '2026-11-17',
      variationId: squat!.variationId,
      dose: squat!.dose,
      sets: [aLoggedSet()],
    };
    show(<SheetLine sheet={sheet} item={{ ...squat!, edited: true, dose: { ...squat!.dose, sets: 5 }, lastTime }} />);
    expect(screen.getByText(/^Changed by you\. Proposed: 2 × 8–12/)).toBeTruthy();
    expect(screen.getByText(/^Last time, Tue 17 Nov/)).toBeTruthy();
  });

  it('asks for no reserve of a hold or of a drill', () => {
    const hold = { ...squat!, variationId: 'wall-sit', dose: { ...squat!.dose, seconds: 30 } };
    const { again } = show(<SheetLine sheet={sheet} item={hold} />);
    expect(screen.queryByText(/reserve/)).toBeNull();
    expect(screen.getByRole('button', { name: /^Wall sit: (?!.*reserve)/ })).toBeTruthy();
    again(
      <SheetLine sheet={aSheet({ blocks: [{ id: 'b0', role: 'prep', kind: 'straight', roundRestSeconds: 0 }] })} item={squat!} />,
    );
    expect(screen.queryByText(/reserve/)).toBeNull();
    again(<SheetLine sheet={sheet} item={squat!} />);
    expect(screen.getByText(/\d\sin\sreserve/)).toBeTruthy();
  });

  it('names keep their capitals inside a sentence', () => {
    const item = { ...squat!, variationId: 'dumbbell-romanian-deadlift', chosenWhy: squat!.why.load };
    show(<SheetLine sheet={sheet} item={item} />);
    expect(screen.getByText('Why dumbbell Romanian deadlift?')).toBeTruthy();
  });

  it('a sheet that was started is a snapshot: its line opens nothing', async () => {
    show(<SheetLine sheet={aSheet({ state: 'started' })} item={squat!} />);
    expect(screen.getByRole('button', { name: /^Goblet squat/, disabled: true })).toBeTruthy();
  });
});

describe('around the lines', () => {
  it('what was left out says why and can come back', async () => {
    const reasons = [{ code: 'pain-stop', values: { pain: 7, limit: 5 }, basis: 'pain-monitoring-thomee' } as const];
    show(<LeftOut sheet={aSheet({ leftOut: [{ slot: 'lunge', variationId: 'split-squat', reasons }] })} />);
    expect(screen.getByText(/^Pain 7 of 10, above 5/)).toBeTruthy();
    await press('Bring it back');
    expect(sent()).toMatchObject({ endpointId: 'bringBack', params: { slot: 'lunge' }, body: { version: 1 } });
  });
});
