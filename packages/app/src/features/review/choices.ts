import type { ChoiceDto, ReviewDto, ReviewItemDto } from '@drubo/contracts';
import { isSameDose } from '@drubo/core';

/** The trainer's edits so far, by exercise. */
export type Edits = Readonly<Record<string, ChoiceDto>>;

/** What would be settled for an exercise: the edit, else what was settled before, else the proposal. */
export const choiceOf = (item: ReviewItemDto, edits: Edits): ChoiceDto =>
  edits[item.itemId] ??
  (item.chosen && !item.inputsChanged
    ? item.chosen
    : { itemId: item.itemId, verdict: item.proposal.verdict, dose: item.proposal.dose });

/** Whether a choice departs from the proposal. */
export const isEdited = (choice: ChoiceDto, { proposal }: Pick<ReviewItemDto, 'proposal'>): boolean =>
  choice.verdict !== proposal.verdict || !isSameDose(choice.dose, proposal.dose);

/** Whether anything is left to settle: a session not reviewed yet, or one whose sets changed since. */
export const isOpen = (review: ReviewDto): boolean =>
  review.session.state === 'finished' || review.items.some((item) => item.inputsChanged);

/** Everything the trainer settles, one choice an exercise. */
export const allChoices = (review: ReviewDto, edits: Edits): ChoiceDto[] => review.items.map((item) => choiceOf(item, edits));
