import type { ItemId } from '@drubo/core/vocabulary';
import type { AlternativeDto, ChoiceDto, ReviewDto, ReviewItemDto } from '@drubo/contracts';
import { isSameDose } from '@drubo/core';

/** The trainer's edits so far, by exercise. */
export type Edits = Readonly<Record<string, ChoiceDto>>;

type Outcome = AlternativeDto['outcome'];

/** An outcome as a choice: verdict, dose, and another movement or settings where those change. */
export const choiceFrom = (itemId: ItemId, { verdict, dose, variationId, values }: Outcome): ChoiceDto => ({
  itemId,
  verdict,
  dose,
  ...(variationId === undefined ? {} : { variationId }),
  ...(values === undefined ? {} : { values }),
});

/** Another method's outcome goes on with that method. */
export const choiceOfAlternative = (itemId: ItemId, { method, outcome }: AlternativeDto): ChoiceDto => ({
  ...choiceFrom(itemId, outcome),
  ...(method === null ? {} : { method }),
});

/** What would be settled for an exercise: the edit, else what was settled before, else the proposal. */
export const choiceOf = (item: ReviewItemDto, edits: Edits): ChoiceDto =>
  edits[item.itemId] ?? (item.chosen && !item.inputsChanged ? item.chosen : choiceFrom(item.itemId, item.proposal));

const key = (value: unknown): string => JSON.stringify(value ?? null);

/** Whether a choice is an outcome as it stands, by the method there was. */
export const isTaken = (choice: ChoiceDto, outcome: Outcome): boolean =>
  choice.verdict === outcome.verdict &&
  isSameDose(choice.dose, outcome.dose) &&
  choice.variationId === outcome.variationId &&
  key(choice.values) === key(outcome.values) &&
  choice.method === undefined;

/** Whether a choice departs from the proposal. */
export const isEdited = (choice: ChoiceDto, { proposal }: Pick<ReviewItemDto, 'proposal'>): boolean => !isTaken(choice, proposal);

/** Whether anything is left to settle: a session not reviewed yet, or one whose sets changed since. */
export const isOpen = (review: ReviewDto): boolean =>
  review.session.state === 'finished' || review.items.some((item) => item.inputsChanged);

/** Everything the trainer settles now, one choice an exercise; what is postponed is left out. */
export const allChoices = (review: ReviewDto, edits: Edits, postponed: readonly string[] = []): ChoiceDto[] =>
  review.items.filter(({ itemId }) => !postponed.includes(itemId)).map((item) => choiceOf(item, edits));

/** Whether an exercise was settled before and still rests on the same sets, while others wait. */
export const isSettled = ({ session }: Pick<ReviewDto, 'session'>, { chosen, inputsChanged }: ReviewItemDto): boolean =>
  session.state === 'finished' && chosen !== null && !inputsChanged;
