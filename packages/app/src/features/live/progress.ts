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
  /** Whether it is done in turn with others, and the rest after each set: none inside a round, then the round's. */
  inTurn: boolean;
  blockId: string;
  restSeconds: number;
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
    const block = sheet.blocks.find(({ id }) => id === item.blockId);
    const together = sheet.items.filter(({ blockId }) => blockId === item.blockId);
    const inTurn = block?.kind === 'rounds' && together.length > 1;
    const isLastOfRound = together.at(-1)?.id === item.id;
    return {
      item,
      variation,
      inTurn,
      blockId: item.blockId,
      restSeconds: inTurn ? (isLastOfRound ? block.roundRestSeconds : 0) : item.dose.restSeconds,
      rows: slots.map((slot) => ({ slot, set: mine.find((set) => isOfSlot(set, slot)) ?? null })),
      next,
      done: [...mine].sort((a, b) => a.loggedAt.localeCompare(b.loggedAt)),
      isOpen: next !== undefined && !left.includes(item.id) && !mine.some((set) => set.endedBy === 'pain'),
    };
  });

/** Sets an exercise has behind it; feelers come before all of them. */
const setsBehind = ({ next }: Exercise): number => (next?.kind === 'feeler' ? -1 : (next?.setIndex ?? Infinity));

/**
 * The exercise to stand at: the one asked for, else the first that is still open, else the last. In a pair or circuit
 * the one with the fewest sets behind it comes first.
 */
export const currentExercise = (exercises: readonly Exercise[], wantedItemId: string | null): Exercise | undefined => {
  const wanted = exercises.find((exercise) => exercise.item.id === wantedItemId);
  if (wanted) return wanted;
  const open = exercises.find((exercise) => exercise.isOpen);
  if (!open?.inTurn) return open ?? exercises.at(-1);
  const round = exercises.filter(({ blockId, isOpen }) => blockId === open.blockId && isOpen);
  return round.reduce((first, other) => (setsBehind(other) < setsBehind(first) ? other : first), open);
};

/** The set logged last in the whole session, which the rest is counted from. */
export const lastLogged = (sets: readonly SetRecordDto[]): SetRecordDto | undefined =>
  [...sets].sort((a, b) => a.loggedAt.localeCompare(b.loggedAt)).at(-1);

/** Rows logged and rows planned over the whole session. */
export const countRows = (exercises: readonly Exercise[]): { done: number; planned: number } => ({
  done: exercises.reduce((sum, { rows }) => sum + rows.filter(({ set }) => set !== null).length, 0),
  planned: exercises.reduce((sum, { rows }) => sum + rows.length, 0),
});
