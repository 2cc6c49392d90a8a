import type { SessionDetailDto, SetRecordDto, SheetItemDto } from '@drubo/contracts';
import { isOfSlot, nextSlot, slotsFor } from '@drubo/core';
import type { SetSlot } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { firstSideOf } from './advice-input';

/** One exercise of a running session: its rows, what is logged, and the row that comes next. */
export interface Exercise {
  item: SheetItemDto;
  variation: Variation;
  rows: readonly { slot: SetSlot; set: SetRecordDto | null }[];
  /** Undefined when every row is logged. */
  next: SetSlot | undefined;
  /** Logged sets in the order they were logged. */
  done: readonly SetRecordDto[];
  /** Whether there is still something to do: rows left, and neither pain nor the trainer has ended it for today. */
  isOpen: boolean;
}

/** Every exercise of a session with its rows. `extraSets`: rows asked for beyond the plan; `left`: exercises left for today. */
export const exercisesOf = (
  { session, sheet, sets }: SessionDetailDto,
  extraSets: Readonly<Record<string, number>> = {},
  left: readonly string[] = [],
): Exercise[] =>
  sheet.items.map((item) => {
    const variation = getVariation(builtInCatalogue, item.variationId);
    const mine = sets.filter((set) => set.itemId === item.id);
    // A set logged beyond the plan, here or on another phone, keeps its row.
    const logged = Math.max(0, ...mine.filter(({ kind }) => kind === 'work').map((set) => set.setIndex + 1));
    const count = Math.max(item.dose.sets + (extraSets[item.id] ?? 0), logged);
    const first = firstSideOf({ session, sheet }, item, variation);
    const slots = slotsFor({ sets: count, feelers: item.feelers, stance: variation.stance, first });
    const next = nextSlot(slots, mine);
    return {
      item,
      variation,
      rows: slots.map((slot) => ({ slot, set: mine.find((set) => isOfSlot(set, slot)) ?? null })),
      next,
      done: [...mine].sort((a, b) => a.loggedAt.localeCompare(b.loggedAt)),
      isOpen: next !== undefined && !left.includes(item.id) && !mine.some((set) => set.endedBy === 'pain'),
    };
  });

/** The exercise to stand at: the one asked for, else the first that is still open, else the last. */
export const currentExercise = (exercises: readonly Exercise[], wantedItemId: string | null): Exercise | undefined =>
  exercises.find((exercise) => exercise.item.id === wantedItemId) ??
  exercises.find((exercise) => exercise.isOpen) ??
  exercises.at(-1);

/** The set logged last in the whole session, which the rest is counted from. */
export const lastLogged = (sets: readonly SetRecordDto[]): SetRecordDto | undefined =>
  [...sets].sort((a, b) => a.loggedAt.localeCompare(b.loggedAt)).at(-1);

/** Rows logged and rows planned over the whole session. */
export const countRows = (exercises: readonly Exercise[]): { done: number; planned: number } => ({
  done: exercises.reduce((sum, { rows }) => sum + rows.filter(({ set }) => set !== null).length, 0),
  planned: exercises.reduce((sum, { rows }) => sum + rows.length, 0),
});
