import type { ItemId } from '../vocabulary';
import { getVariation } from '../catalogue';
import { doneAt, isHardKind, isOfSlot, nextSlot, slotsFor } from '../log';
import type { SetRecord, SetSlot } from '../log';
import { firstSideOf } from './advice-for';
import { rampsOf } from './ramps';
import type { Exercise, LiveItem, Row, Running } from './types';

const setsOwed = (running: Running, item: LiveItem, mine: readonly SetRecord[], extra: number): number => {
  // A set logged beyond the plan, here or on another phone, keeps its row.
  const logged = Math.max(0, ...mine.filter(({ kind }) => isHardKind(kind)).map((set) => set.setIndex + 1));
  const aim = running.floor.setsAim.get(item.id)?.sets ?? item.dose.sets;
  return Math.max(aim + extra, logged);
};

/** Every exercise of a session with its rows. `extraSets`: rows asked for beyond the plan. */
export const exercisesOf = <I extends LiveItem>(
  running: Running<I>,
  extraSets: Readonly<Record<string, number>> = {},
): Exercise<I>[] => {
  const { sheet, sets, floor, catalogue } = running;
  return sheet.items.map((item) => {
    const variation = getVariation(catalogue, item.variationId);
    const mine = sets.filter((set) => set.itemId === item.id);
    const slots = slotsFor({
      sets: setsOwed(running, item, mine, extraSets[item.id] ?? 0),
      feelers: item.feelers,
      stance: variation.stance,
      first: firstSideOf(running, item, variation),
      isTimed: item.dose.seconds !== undefined,
    });
    const next = nextSlot(slots, mine);
    const block = sheet.blocks.find(({ id }) => id === item.blockId);
    const together = sheet.items.filter(({ blockId, id }) => blockId === item.blockId && !floor.left.has(id));
    const inTurn = block?.kind === 'rounds' && together.length > 1;
    const isLastOfRound = together.at(-1)?.id === item.id;
    const asRow = (slot: SetSlot): Row => ({ slot, set: mine.find((set) => isOfSlot(set, slot)) ?? null });
    const isBegun = mine.some(({ kind }) => isHardKind(kind));
    const ramps = rampsOf(running, item, variation)
      .map((_, setIndex) => asRow({ kind: 'ramp', setIndex, side: 'both' }))
      // Once the work has begun, only ramps that were done are worth a row.
      .filter(({ set }) => set !== null || !isBegun);
    const drops = mine.filter(({ kind }) => kind === 'drop').map(({ setIndex, side }) => asRow({ kind: 'drop', setIndex, side }));
    const instead = floor.standsFor.get(item.id);
    return {
      item,
      variation,
      role: block?.role ?? 'main',
      inTurn,
      blockId: item.blockId,
      restSeconds: inTurn ? (isLastOfRound ? block.roundRestSeconds : 0) : item.dose.restSeconds,
      rows: [...ramps, ...slots.map(asRow), ...drops],
      next,
      done: [...mine].sort((a, b) => doneAt(a).localeCompare(doneAt(b))),
      isOpen: next !== undefined && !floor.left.has(item.id) && !mine.some((set) => set.endedBy === 'pain'),
      behind: new Set(sets.filter((set) => set.itemId === instead && isHardKind(set.kind)).map(({ setIndex }) => setIndex)).size,
    };
  });
};

/** Sets an exercise has behind it, those of what it stands in for among them; feelers come before all of them. */
const setsBehind = ({ next, behind }: Exercise): number => (next?.kind === 'feeler' ? -1 : (next?.setIndex ?? Infinity) + behind);

/**
 * The exercise to stand at: the one asked for, else the first that is still open, else the last. In a pair or circuit
 * the one with the fewest sets behind it comes first.
 */
export const currentExercise = <I extends LiveItem>(
  exercises: readonly Exercise<I>[],
  wantedItemId: ItemId | null,
): Exercise<I> | undefined => {
  const wanted = exercises.find((exercise) => exercise.item.id === wantedItemId);
  if (wanted) return wanted;
  const open = exercises.find((exercise) => exercise.isOpen);
  if (!open?.inTurn) return open ?? exercises.at(-1);
  const round = exercises.filter(({ blockId, isOpen }) => blockId === open.blockId && isOpen);
  return round.reduce((first, other) => (setsBehind(other) < setsBehind(first) ? other : first), open);
};

/** The row that comes after ramp sets were begun: the next of them, then what is owed. */
export const slotAfterRamp = ({ rows, done, next }: Exercise): SetSlot | undefined =>
  done.at(-1)?.kind === 'ramp' ? (rows.find(({ slot, set }) => slot.kind === 'ramp' && !set)?.slot ?? next) : next;

/** The set logged last in the whole session, which the rest is counted from. */
export const lastLogged = <S extends Pick<SetRecord, 'loggedAt' | 'receivedAt'>>(sets: readonly S[]): S | undefined =>
  [...sets].sort((a, b) => doneAt(a).localeCompare(doneAt(b))).at(-1);

/** Rows logged and rows still owed over the whole session; what was left for the day is owed no more. */
export const countRows = (exercises: readonly Exercise[]): { done: number; planned: number } => {
  const hard = exercises.map(({ rows, isOpen }) => ({
    isOpen,
    rows: rows.filter(({ slot }) => slot.kind !== 'ramp' && slot.kind !== 'drop'),
  }));
  const done = hard.reduce((sum, { rows }) => sum + rows.filter(({ set }) => set !== null).length, 0);
  const owed = hard.reduce((sum, { rows, isOpen }) => sum + (isOpen ? rows.filter(({ set }) => set === null).length : 0), 0);
  return { done, planned: done + owed };
};
