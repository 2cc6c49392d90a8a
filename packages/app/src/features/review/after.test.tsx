import { act, fireEvent, screen } from '@testing-library/react-native';
import type { ReviewDto } from '@drubo/contracts';
import { aDetail, aLoggedSet, aSessionRecord, aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { AfterCard } from './AfterCard';
import { OthersCard } from './OthersCard';

const mockWriter = { isReady: true, log: jest.fn() };
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

const review = (over: Partial<ReviewDto> = {}, session: Partial<ReviewDto['session']> = {}): ReviewDto => ({
  session: aDetail([], { state: 'finished', finishedAt: '2026-11-23T09:35:00.000Z', effort: 7, ...session }).session,
  personName: 'Test Person',
  kit: aSheet().kit,
  items: [],
  others: [],
  records: [],
  nextSheetId: null,
  ...over,
});

it('effort times minutes, with why; minutes as said win; without effort there is no load', async () => {
  const drawn = show(<AfterCard review={review()} />);
  expect(screen.getByText('Mon 23 Nov · 40 min · effort 7 of 10')).toBeTruthy();
  expect(screen.getByText('Session load 280')).toBeTruthy();
  await press('Why: session load');
  expect(screen.getByText('Effort 7 times 40 min is a session load of 280.')).toBeTruthy();
  drawn.again(<AfterCard key="said" review={review({}, { minutes: 60, effort: 5, entry: 'paper' })} />);
  expect(screen.getByText('Session load 300')).toBeTruthy();
  drawn.again(<AfterCard key="none" review={review({}, { effort: null })} />);
  expect(screen.queryByText(/^Session load/)).toBeNull();
});

it('keeps what was said as one record, however often it is put right', async () => {
  const before = { kind: 'after', effort: 7, minutes: null, feltWhere: ['glutes'], words: 'fine' } as const;
  show(<AfterCard review={review({ records: [aSessionRecord({ ...before, feltWhere: [...before.feltWhere] })] })} />);
  expect(screen.getByText('“fine”')).toBeTruthy();
  await press('What was said afterwards');
  await press('Effort 6 of 10');
  await press('Calves');
  fireEvent.changeText(screen.getByLabelText('Minutes, where the clock was wrong (min)'), '1.5');
  expect(screen.getByRole('button', { name: 'Keep', disabled: true })).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Minutes, where the clock was wrong (min)'), '45');
  await press('Keep');
  expect(mockWriter.log.mock.calls[0][0]).toMatchObject({
    params: { recordId: 'record-after' },
    body: { fields: { kind: 'after', effort: 6, minutes: 45, feltWhere: ['glutes', 'calves'], words: 'fine' } },
  });
});

it('what gets no verdict is shown with what was done, and what it stood in for', () => {
  const [squat] = aSheet().items;
  const other = {
    itemId: 'x',
    variationId: 'box-jump',
    standsFor: 'goblet-squat',
    role: 'main' as const,
    dose: squat!.dose,
    sets: [aLoggedSet({ reps: 8 })],
  };
  const drawn = show(<OthersCard review={review({ others: [other] })} />);
  expect(screen.getByText(/done: .*8 reps/)).toBeTruthy();
  expect(screen.getByText(/left in reserve|reserve/)).toBeTruthy();
  expect(screen.getByText('Stood in for goblet squat, which comes back next time.')).toBeTruthy();
  drawn.again(<OthersCard key="drill" review={review({ others: [{ ...other, role: 'prep' }] })} />);
  expect(screen.getByText(/done: .*8 reps/)).toBeTruthy();
  expect(screen.queryByText(/reserve/)).toBeNull();
  drawn.again(<OthersCard key="none" review={review({ others: [{ ...other, standsFor: null, sets: [] }] })} />);
  expect(screen.queryByText('Done, without a verdict')).toBeNull();
});
