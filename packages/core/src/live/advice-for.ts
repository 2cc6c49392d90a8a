import type { Variation } from '../catalogue';
import { adviseAfterSet, adviseFirstSet, firstSide } from '../coaching';
import type { Advice, AdviceInput } from '../coaching';
import { allowedLoads } from '../dose';
import { roomOf } from '../kit';
import type { SetRecord, SetSlot } from '../log';
import { heldAs } from '../selection';
import { painToday } from '../session';
import { dayNumber } from '../units';
import type { LiveItem, Running } from './types';

/** What every set of an exercise is advised from, sets apart: the sheet carries it all, so no network is needed. */
export type ExerciseFacts = Omit<AdviceInput, 'today' | 'next'>;

type Known = Pick<Running, 'session' | 'sheet' | 'checkIn' | 'cutToday' | 'catalogue'>;

/** The facts of one exercise of a running session. */
export const factsOf = (
  { session, sheet, checkIn, cutToday, catalogue }: Known,
  item: LiveItem,
  variation: Variation,
): ExerciseFacts => ({
  variation: heldAs(variation, item.values),
  values: item.values,
  dose: item.dose,
  method: item.method,
  feelers: item.feelers,
  loads: allowedLoads(sheet.kit, sheet.limits, variation, item.values),
  past: item.past,
  day: dayNumber(session.date),
  cutToday: cutToday.has(item.id),
  context: {
    catalogue,
    kit: sheet.kit,
    room: roomOf(sheet.kit, sheet.kit.items),
    person: sheet.fittedTo,
    careful: sheet.careful ?? [],
    limits: sheet.limits,
    safety: sheet.safety,
    pain: painToday(variation, sheet.limits, checkIn),
  },
});

const known = new WeakMap<LiveItem, { key: string; facts: ExerciseFacts; advice: Advice | null }>();

/**
 * The advice for a row of an exercise. Kept for the item until a set, the row or the check-in changes: screens are drawn again far more
 * often than sets are logged.
 */
export const adviceFor = (
  running: Known,
  item: LiveItem,
  variation: Variation,
  done: readonly SetRecord[],
  next: SetSlot | undefined,
): { facts: ExerciseFacts; advice: Advice | null } => {
  const row = next && `${next.kind}-${next.setIndex}-${next.side}`;
  // What was said at the check-in changes what is asked of the same item.
  const key = [
    row,
    JSON.stringify(running.checkIn),
    String(running.cutToday.has(item.id)),
    ...done.map(({ id, revision }) => `${id}@${revision}`),
  ].join();
  const kept = known.get(item);
  if (kept?.key === key) return kept;
  const facts = factsOf(running, item, variation);
  // A ramp set tells nothing yet; what was advised before it still stands.
  const today = done.filter(({ kind }) => kind !== 'ramp');
  const input = { ...facts, today, next };
  const made = { key, facts, advice: today.length === 0 ? adviseFirstSet(input) : adviseAfterSet(input) };
  known.set(item, made);
  return made;
};

const first = new WeakMap<LiveItem, 'left' | 'right'>();

/** Which leg goes first; worked out once for an item, because it replays both legs' whole history. */
export const firstSideOf = (running: Known, item: LiveItem, variation: Variation) => {
  const known = first.get(item);
  if (known) return known;
  // Before anything was done here, the side the screening found weaker or stiffer starts.
  const { side } =
    item.past.length === 0 && running.sheet.care.weakerSide !== null
      ? { side: running.sheet.care.weakerSide }
      : firstSide(factsOf(running, item, variation));
  first.set(item, side);
  return side;
};
