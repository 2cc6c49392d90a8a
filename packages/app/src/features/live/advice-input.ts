import type { SessionDetailDto, SetRecordDto, SheetItemDto } from '@drubo/contracts';
import { allowedLoads, dayNumber, roomOf } from '@drubo/core';
import type { Load, SetSlot } from '@drubo/core';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { adviseAfterSet, adviseFirstSet, firstSide } from '@drubo/core/judging';
import type { Advice, AdviceInput } from '@drubo/core/judging';
import { heldAs } from '@drubo/core/selection';
import { painToday } from '@drubo/core/session';
import type { FloorDetail } from './floor';

/** What every set of an exercise is advised from, sets apart: the sheet carries it all, so no network is needed. */
export type ExerciseFacts = Omit<AdviceInput, 'today' | 'next'>;

type Known = Pick<FloorDetail, 'session' | 'sheet' | 'checkIn' | 'cutToday'>;

/** Every load the kit makes for an exercise, within what the person's clearances go to. */
const loadsHere = (sheet: SessionDetailDto['sheet'], variation: Variation, values: SheetItemDto['values']): readonly Load[] =>
  allowedLoads(sheet.kit, sheet.limits, variation, values);

/** The facts of one exercise of a running session. */
export const factsOf = (
  { session, sheet, checkIn, cutToday }: Known,
  item: SheetItemDto,
  variation: Variation,
): ExerciseFacts => ({
  variation: heldAs(variation, item.values),
  values: item.values,
  dose: item.dose,
  method: item.method,
  feelers: item.feelers,
  loads: loadsHere(sheet, variation, item.values),
  past: item.past,
  day: dayNumber(session.date),
  cutToday: cutToday.has(item.id),
  context: {
    catalogue: builtInCatalogue,
    kit: sheet.kit,
    room: roomOf(sheet.kit, sheet.kit.items),
    person: sheet.fittedTo,
    careful: sheet.careful ?? [],
    limits: sheet.limits,
    safety: sheet.safety,
    pain: painToday(variation, sheet.limits, checkIn),
  },
});

const known = new WeakMap<SheetItemDto, { key: string; facts: ExerciseFacts; advice: Advice | null }>();

/**
 * The advice for a row of an exercise. Kept for the item until a set, the row or the check-in changes: screens are drawn again far more
 * often than sets are logged.
 */
export const adviceFor = (
  detail: Known,
  item: SheetItemDto,
  variation: Variation,
  done: readonly SetRecordDto[],
  next: SetSlot | undefined,
): { facts: ExerciseFacts; advice: Advice | null } => {
  const row = next && `${next.kind}-${next.setIndex}-${next.side}`;
  // What was said at the check-in changes what is asked of the same item.
  const key = [
    row,
    JSON.stringify(detail.checkIn),
    String(detail.cutToday.has(item.id)),
    ...done.map(({ id, revision }) => `${id}@${revision}`),
  ].join();
  const kept = known.get(item);
  if (kept?.key === key) return kept;
  const facts = factsOf(detail, item, variation);
  // A ramp set tells nothing yet; what was advised before it still stands.
  const today = done.filter(({ kind }) => kind !== 'ramp');
  const input = { ...facts, today, next };
  const made = { key, facts, advice: today.length === 0 ? adviseFirstSet(input) : adviseAfterSet(input) };
  known.set(item, made);
  return made;
};

const first = new WeakMap<SheetItemDto, 'left' | 'right'>();

/** Which leg goes first; worked out once for an item, because it replays both legs' whole history. */
export const firstSideOf = (detail: Known, item: SheetItemDto, variation: Variation) => {
  const known = first.get(item);
  if (known) return known;
  // Before anything was done here, the side the screening found weaker or stiffer starts.
  const { side } =
    item.past.length === 0 && detail.sheet.care.weakerSide !== null
      ? { side: detail.sheet.care.weakerSide }
      : firstSide(factsOf(detail, item, variation));
  first.set(item, side);
  return side;
};
