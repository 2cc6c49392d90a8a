import { act, fireEvent, screen } from '@testing-library/react-native';
import type { ReviewDto } from '@drubo/contracts';
import { reason } from '@drubo/core/vocabulary';
import { aDetail, aLoggedSet, aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { RefusedError } from '../../data/api';
import { ReviewPage } from './ReviewPage';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => jest.clearAllMocks());

const { items, kit } = aSheet();
const aReview = (over: Partial<ReviewDto> = {}, item: Partial<ReviewDto['items'][number]> = {}): ReviewDto => ({
  session: aDetail([], { state: 'finished', finishedAt: '2026-11-23T09:40:00.000Z', effort: 7 }).session,
  personName: 'Test Person',
  kit,
  items: items.slice(0, 2).map(({ id, variationId, dose }) => ({
    itemId: id,
    variationId,
    values: {},
    from: dose,
    alternatives: [],
    past: [],
    proposal: {
      itemId: id,
      verdict: 'move-up',
      method: 'range-then-load',
      change: { lever: 'reps', from: 12, to: 15 },
      dose: { ...dose, repsBeyond: 3 },
      reasons: [reason('top-of-range', { sets: 2, reps: 12 }, 'common-practice')],
      engineVersion: '1',
      usedSets: [],
    },
    chosen: null,
    sets: [aLoggedSet({ reps: 12 })],
    inputsChanged: false,
    ...item,
  })),
  others: [],
  records: [],
  nextSheetId: 'sheet-0002',
  ...over,
});

it('shows verdict, one change, planned against done, and why', () => {
  show(<ReviewPage review={aReview()} />);
  expect(screen.getAllByText('Move up')).toHaveLength(2);
  expect(screen.getAllByText('reps change')).toHaveLength(2);
  expect(screen.getAllByText('All 2 sets reached 12, clean.')).toHaveLength(2);
  expect(screen.getByText(/Mon 23 Nov · 45 min · effort 7 of 10/)).toBeTruthy();
});

it('accepts all as proposed and opens the next sheet', async () => {
  mockWriter.save.mockResolvedValue({ status: 'done', reply: { nextSheetId: 'sheet-0002' } });
  show(<ReviewPage review={aReview()} />);
  await press('Accept all · make the next sheet');
  const { choices } = mockWriter.save.mock.calls[0][0].body;
  expect(choices.map((choice: { verdict: string }) => choice.verdict)).toEqual(['move-up', 'move-up']);
  expect(mockRouter.replace).toHaveBeenCalledWith('/sheet/sheet-0002');
});

it('takes an edit, keeps the proposal beside it, and sends both exercises', async () => {
  mockWriter.save.mockResolvedValue({ status: 'waiting' });
  show(<ReviewPage review={aReview()} />);
  await press('Edit Goblet squat');
  fireEvent.press(screen.getByRole('radio', { name: 'Leave out' }));
  await press('Use this');
  expect(screen.getByText(/not on the next sheet/)).toBeTruthy();
  expect(screen.getByText(/^Proposed: Move up/)).toBeTruthy();
  await press('Save · make the next sheet');
  expect(mockWriter.save.mock.calls[0][0].body.choices).toMatchObject([{ verdict: 'leave-out' }, { verdict: 'move-up' }]);
  // Without the server it is kept and told, not lost.
  expect(mockSnack).toHaveBeenCalledWith({ text: 'Kept on this device; the next sheet follows when the server is back.' });
});

it('ways on stand side by side: one is recommended, the second is taken and sent', async () => {
  mockWriter.save.mockResolvedValue({ status: 'waiting' });
  const way = (variationId: string): ReviewDto['items'][number]['alternatives'][number] => ({
    by: 'next-stage',
    method: null,
    outcome: { verdict: 'move-up', change: null, dose: items[0]!.dose, variationId, reasons: [] },
  });
  const alternatives = [way('front-squat-to-box'), way('back-squat-to-box')];
  const review = aReview();
  show(<ReviewPage review={{ ...review, items: [{ ...review.items[0]!, alternatives }, review.items[1]!] }} />);
  expect(screen.getByLabelText('Ways on from Goblet squat')).toBeTruthy();
  expect(screen.getAllByRole('radio')).toHaveLength(3);
  expect(screen.getByRole('radio', { name: /^Stay: goblet squat, .*, recommended$/, checked: true })).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: /^Back squat to a box/ }));
  expect(screen.getByRole('radio', { name: /^Back squat to a box/, checked: true })).toBeTruthy();
  expect(screen.getAllByRole('radio', { checked: true })).toHaveLength(1);
  // They are not listed a second time where numbers are edited.
  await press('Edit Goblet squat');
  expect(screen.queryByText(/The next stage/)).toBeNull();
  await press('Cancel');
  await press('Save · make the next sheet');
  expect(mockWriter.save.mock.calls[0][0].body.choices[0]).toMatchObject({ variationId: 'back-squat-to-box' });
});

it('the same again means the numbers just done', async () => {
  mockWriter.save.mockResolvedValue({ status: 'waiting' });
  show(<ReviewPage review={aReview()} />);
  await press('Edit Goblet squat');
  fireEvent.press(screen.getByRole('radio', { name: 'Same again' }));
  await press('Use this');
  await press('Save · make the next sheet');
  expect(mockWriter.save.mock.calls[0][0].body.choices[0]).toMatchObject({ verdict: 'same-again', dose: { repsBeyond: 0 } });
});

it('a refusal is told and changes nothing', async () => {
  mockWriter.save.mockRejectedValue(new RefusedError(409, { code: 'already-reviewed', message: 'Reviewed elsewhere.' }));
  show(<ReviewPage review={aReview()} />);
  await press('Accept all · make the next sheet');
  expect(mockSnack).toHaveBeenCalledWith({ text: 'Reviewed elsewhere.' });
  expect(mockRouter.replace).not.toHaveBeenCalled();
});

it('once settled it opens the next sheet; with amended sets it asks to decide again', async () => {
  const session = { ...aReview().session, state: 'reviewed' as const };
  const drawn = show(<ReviewPage review={aReview({ session })} />);
  await press('Open the next sheet');
  expect(mockRouter.push).toHaveBeenCalledWith('/sheet/sheet-0002');
  expect(screen.queryByRole('button', { name: 'Edit Goblet squat' })).toBeNull();
  drawn.again(<ReviewPage key="changed" review={aReview({ session }, { inputsChanged: true })} />);
  expect(screen.getByText(/^Inputs changed/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Decide again' })).toBeTruthy();
});

describe('what else could be done', () => {
  const [first] = aReview().items;
  const lighter = { ...first!.from, repsHigh: 10 };
  const alternative = {
    by: 'method',
    method: 'two-for-two',
    outcome: { verdict: 'same-again', change: null, dose: lighter, reasons: [reason('not-done', {}, 'house-default')] },
  } as const;

  it('is offered with what it means; taking it keeps the proposal beside and goes on with that method', async () => {
    mockWriter.save.mockResolvedValue({ status: 'done', reply: { nextSheetId: 'sheet-0002' } });
    show(<ReviewPage review={aReview({}, { alternatives: [alternative] })} />);
    await press('Edit Goblet squat');
    expect(screen.getByText('Or instead')).toBeTruthy();
    await press(/^Two for two: Same again/);
    expect(screen.getByText(/^Proposed: Move up/)).toBeTruthy();
    await press('Save · make the next sheet');
    expect(mockWriter.save.mock.calls[0]?.[0].body.choices[0]).toEqual({
      itemId: first!.itemId,
      verdict: 'same-again',
      dose: lighter,
      method: 'two-for-two',
    });
  });

  it('another movement is named, with the settings it starts at', () => {
    const proposal = { ...first!.proposal, variationId: 'double-kettlebell-front-squat', values: { 'heel-lift': 12 } };
    show(<ReviewPage review={aReview({}, { proposal })} />);
    expect(screen.getAllByText(/^→ Two-bell front squat · .* · Heel lift 12 mm$/).length).toBeGreaterThan(0);
  });

  it('the trace says what was asked and what decided; a set that can’t be right is named', async () => {
    const trace = [
      { question: 'pain', spoke: false },
      { question: 'method', spoke: true },
    ] as const;
    const sets = [aLoggedSet({ reps: 400 })];
    show(<ReviewPage review={aReview({}, { proposal: { ...first!.proposal, trace }, sets })} />);
    expect(screen.getAllByText('Set 1: reps can’t be right, so it isn’t counted.').length).toBeGreaterThan(0);
    fireEvent.press(screen.getByRole('button', { name: 'Why: Goblet squat, Move up' }));
    await act(async () => undefined);
    expect(screen.getByText('Pain – nothing to say')).toBeTruthy();
    expect(screen.getByText('Method: range, then load – decides')).toBeTruthy();
  });
});

it('says what the plan does next; where a block begins, what makes room and why', async () => {
  const rotation = {
    slot: 'calves',
    variationId: 'calf-raise',
    stays: false,
    why: reason('rotates-turn', { variationId: 'calf-raise', sessions: 5 }, 'common-practice'),
  };
  const ahead = {
    dayId: '0-0',
    day: 20_785,
    role: 'hinge-led' as const,
    led: 'hinge' as const,
    isSheets: true,
    kind: 'loading' as const,
    week: 1,
    weeks: 5,
    daysLeft: 10,
    missed: 1,
    begins: [
      { role: 'hinge-led' as const, rotation },
      { role: 'hinge-led' as const, rotation: { ...rotation, slot: 'hinge', variationId: 'romanian-deadlift', stays: true } },
    ],
  };
  show(<ReviewPage review={aReview({ ahead })} />);
  expect(screen.getByText('A new block begins')).toBeTruthy();
  expect(screen.getByText('Hinge, heavy · week 1 of 5, Sat 28 Nov')).toBeTruthy();
  expect(screen.getByText('One day was missed: see the weeks.')).toBeTruthy();
  expect(screen.getAllByText(/makes room for something else$/)).toHaveLength(1);
  await press('Why: Calf raise');
  expect(screen.getByText(/Calf raise had its turn, 5 sessions\./)).toBeTruthy();
});
