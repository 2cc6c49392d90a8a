import type { ReviewDto, ReviewItemDto } from '@drubo/contracts';
import { aDetail, aSheet } from '../../../tests/builders';
import { allChoices, choiceOf, isEdited, isOpen } from './choices';

const [item] = aSheet().items;
const moved = { ...item!.dose, repsBeyond: 3 };
const reviewItem = (over: Partial<ReviewItemDto> = {}): ReviewItemDto => ({
  itemId: item!.id,
  variationId: item!.variationId,
  values: {},
  from: item!.dose,
  alternatives: [],
  past: [],
  proposal: {
    itemId: item!.id,
    verdict: 'move-up',
    method: 'range-then-load',
    change: { lever: 'reps', from: 12, to: 15 },
    dose: moved,
    reasons: [],
    engineVersion: '1',
    usedSets: [],
  },
  chosen: null,
  sets: [],
  inputsChanged: false,
  ...over,
});
const settled = { itemId: item!.id, verdict: 'same-again', dose: item!.dose } as const;
const review = (state: 'finished' | 'reviewed', items: ReviewItemDto[]): ReviewDto => ({
  session: aDetail([], { state }).session,
  personName: 'Test Person',
  kit: aSheet().kit,
  items,
  others: [],
  records: [],
  nextSheetId: null,
});

describe('choosing in a review', () => {
  it('the proposal stands until it is edited; an edit is told from it whatever order its fields come in', () => {
    expect(choiceOf(reviewItem(), {})).toEqual({ itemId: item!.id, verdict: 'move-up', dose: moved });
    const { load, ...rest } = moved;
    expect(isEdited({ itemId: item!.id, verdict: 'move-up', dose: { load, ...rest } }, reviewItem())).toBe(false);
    expect(isEdited(settled, reviewItem())).toBe(true);
    expect(allChoices(review('finished', [reviewItem()]), { [item!.id]: settled })).toEqual([settled]);
  });

  it('what was settled stands, unless its sets were amended since', () => {
    expect(choiceOf(reviewItem({ chosen: settled }), {})).toEqual(settled);
    expect(choiceOf(reviewItem({ chosen: settled, inputsChanged: true }), {}).verdict).toBe('move-up');
    expect(isOpen(review('reviewed', [reviewItem({ chosen: settled })]))).toBe(false);
    expect(isOpen(review('reviewed', [reviewItem({ chosen: settled, inputsChanged: true })]))).toBe(true);
    expect(isOpen(review('finished', [reviewItem()]))).toBe(true);
  });
});
