import { act, fireEvent, screen } from '@testing-library/react-native';
import { aLoggedSet, aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { LeftOut } from './LeftOut';
import { MinutesBar } from './MinutesBar';
import { SheetLine } from './SheetLine';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
jest.mock('../shell/SnackProvider', () => ({ useSnack: () => mockSnack }));

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
  it('opens its numbers; a change is sent with the version it was made from, and can be undone', async () => {
    show(<SheetLine sheet={sheet} item={squat!} />);
    await press(/^Goblet squat: 2 × 8–12/);
    await press('Sets: more');
    await press('Rest: less');
    await press('Save');
    expect(sent()).toMatchObject({
      endpointId: 'editSheetItem',
      params: { sheetId: sheet.id, itemId: squat!.id },
      body: { version: 1, dose: { sets: 3, restSeconds: 75 } },
    });
    mockSnack.mock.calls[0]?.[0].undo();
    expect(sent().body).toMatchObject({ version: 2, dose: { sets: 2, restSeconds: 90 } });
  });

  it('saving without a change sends nothing', async () => {
    show(<SheetLine sheet={sheet} item={squat!} />);
    await press(/^Goblet squat/);
    await press('Sets: more');
    await press('As proposed');
    await press('Save');
    expect(mockWriter.log).not.toHaveBeenCalled();
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

  it('a sheet that was started is a snapshot: its line opens nothing', async () => {
    show(<SheetLine sheet={aSheet({ state: 'started' })} item={squat!} />);
    await press(/^Goblet squat/);
    expect(screen.queryByText('Save')).toBeNull();
  });
});

describe('around the lines', () => {
  it.each([
    [31, 45, '14 min spare for warming up'],
    [52, 45, '7 min over: cut a set or a rest'],
  ])('%d of %d minutes: %s', (minutes, budget, text) => {
    show(<MinutesBar minutes={minutes} budget={budget} why={[]} />);
    expect(screen.getByText(text)).toBeTruthy();
  });

  it('what was left out says why and can come back', async () => {
    const reasons = [{ code: 'pain-stop', values: { pain: 7, limit: 5 }, basis: 'pain-monitoring-thomee' } as const];
    show(<LeftOut sheet={aSheet({ leftOut: [{ slot: 'lunge', variationId: 'split-squat', reasons }] })} />);
    expect(screen.getByText(/^Pain 7 of 10, above 5/)).toBeTruthy();
    await press('Bring it back');
    expect(sent()).toMatchObject({ endpointId: 'bringBack', params: { slot: 'lunge' }, body: { version: 1 } });
  });
});
