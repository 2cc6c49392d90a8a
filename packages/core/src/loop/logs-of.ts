import type { ItemId } from '../vocabulary';
import { getVariation } from '../catalogue';
import { allowedLoads } from '../dose';
import { currentSets } from '../log';
import type { ExerciseLog, PastExercise } from '../progression';
import { heldAs } from '../selection';
import { holdsToday, onFloor, painToday } from '../session';
import type { CheckIn, FloorChange, OnFloor } from '../session';
import type { FloorItem, JudgedWith, RanSession, SheetItem } from './types';

/** A session as it ran, with which exercises get a verdict and which get none. */
export interface JudgedSession {
  floor: OnFloor<FloorItem>;
  /** Exercises that get a verdict, as they were planned, and the log of each, in the same order. */
  items: SheetItem[];
  logs: ExerciseLog[];
  /** Exercises that get none, as they stood on the floor: stand-ins, drills, holds, finishers. */
  others: FloorItem[];
}

/** Worst joint pain of the newest of these sessions; null when nobody asked. */
const lastPain = (past: readonly PastExercise[]): number | null => {
  const pains = (past.at(-1)?.sets ?? []).flatMap((set) => set.jointPain ?? []);
  return pains.length === 0 ? null : Math.max(...pains);
};

/** Whether an exercise gets a verdict: drills, finishers and stand-ins are chosen anew each time. */
const isJudged = (floor: OnFloor<FloorItem>, { id, blockId }: FloorItem): boolean => {
  const role = floor.content.blocks.find((block) => block.id === blockId)?.role ?? 'main';
  return (role === 'main' || role === 'accessory') && !floor.standsFor.has(id);
};

/** What was made shorter or easier about an exercise on purpose. */
const cutOf = (
  floor: OnFloor<FloorItem>,
  changes: readonly FloorChange<FloorItem>[],
  itemId: ItemId,
  planned: number,
): ExerciseLog['cut'] => {
  const eased = changes.findLast((change) => change.kind === 'dose' && change.itemId === itemId);
  const aim = floor.setsAim.get(itemId);
  const because = aim?.because ?? floor.left.get(itemId) ?? (eased?.kind === 'dose' ? eased.because : undefined);
  if (because === undefined) return undefined;
  return { sets: aim?.sets ?? (floor.left.has(itemId) ? 0 : planned), because, isEased: eased !== undefined };
};

/** What an exercise is asked and judged with before any set is known. */
export const askedWith = (
  item: FloorItem & Pick<SheetItem, 'method'>,
  { context, pastOf }: JudgedWith,
  day: number,
  checkIn: CheckIn | null,
): Omit<ExerciseLog, 'sets' | 'bodyMassKg'> => {
  const variation = heldAs(getVariation(context.catalogue, item.variationId), item.values);
  const past = pastOf(item.variationId);
  return {
    itemId: item.id,
    variation,
    values: item.values,
    dose: item.dose,
    method: item.method,
    day,
    past,
    loads: allowedLoads(context.kit, context.limits, variation, item.values),
    context: { ...context, pain: painToday(variation, context.limits, checkIn, lastPain(past)) },
  };
};

/** Everything a session's verdicts rest on, one log an exercise that is judged. */
export const logsOf = (ran: RanSession, judgedWith: JudgedWith): JudgedSession => {
  const floor = onFloor<FloorItem>(ran.sheet, ran.changes);
  const rows = new Map([...ran.sheet.items, ...ran.brought].map((item) => [item.id, item]));
  // A day of its own is history: it moves nothing.
  const isOfPlan = ran.sheet.dayRole !== null;
  const items = floor.content.items.flatMap((item) => (isOfPlan && isJudged(floor, item) ? (rows.get(item.id) ?? []) : []));
  const logs = items.map((item): ExerciseLog => {
    const asked = askedWith(item, judgedWith, ran.day, ran.checkIn);
    return {
      ...asked,
      sets: currentSets(ran.sets.filter((set) => set.itemId === item.id)),
      bodyMassKg: ran.sets.find((set) => set.bodyMassKg !== null)?.bodyMassKg ?? judgedWith.bodyMassKg,
      usual: item.trackDose,
      goesRound: floor.content.blocks.find(({ id }) => id === item.blockId)?.kind === 'rounds',
      memory: item.memory,
      cut: cutOf(floor, ran.changes, item.id, item.dose.sets),
      holds: holdsToday(asked.variation, ran.checkIn),
    };
  });
  return { floor, items, logs, others: floor.content.items.filter((item) => !isOfPlan || !isJudged(floor, item)) };
};
