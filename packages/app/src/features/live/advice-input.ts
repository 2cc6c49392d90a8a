import type { SessionDetailDto, SetRecordDto, SheetItemDto } from '@drubo/contracts';
import { allowedLoads, dayNumber, roomOf } from '@drubo/core';
import type { SetSlot } from '@drubo/core';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { adviseAfterSet, adviseFirstSet, firstSide, PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { Advice, AdviceInput } from '@drubo/core/judging';

/** What every set of an exercise is advised from, sets apart: the sheet carries it all, so no network is needed. */
export type ExerciseFacts = Omit<AdviceInput, 'today' | 'next'>;

/** The facts of one exercise of a running session. */
const factsOf = (
  { session, sheet }: Pick<SessionDetailDto, 'session' | 'sheet'>,
  item: SheetItemDto,
  variation: Variation,
): ExerciseFacts => ({
  variation,
  values: item.values,
  dose: item.dose,
  method: item.method,
  feelers: item.feelers,
  loads: allowedLoads(sheet.kit, sheet.limits, variation, item.values),
  past: item.past,
  day: dayNumber(session.date),
  context: {
    catalogue: builtInCatalogue,
    kit: sheet.kit,
    room: roomOf(sheet.kit, sheet.kit.items),
    person: sheet.fittedTo,
    limits: sheet.limits,
    safety: sheet.safety,
    pain: PAIN_NOT_ASKED,
  },
});

const known = new WeakMap<SheetItemDto, { key: string; facts: ExerciseFacts; advice: Advice | null }>();

/**
 * The advice for a row of an exercise. Kept for the item until a set or the row changes: screens are drawn again far more
 * often than sets are logged.
 */
export const adviceFor = (
  detail: Pick<SessionDetailDto, 'session' | 'sheet'>,
  item: SheetItemDto,
  variation: Variation,
  done: readonly SetRecordDto[],
  next: SetSlot | undefined,
): { facts: ExerciseFacts; advice: Advice | null } => {
  const row = next && `${next.kind}-${next.setIndex}-${next.side}`;
  const key = [row, ...done.map(({ id, revision }) => `${id}@${revision}`)].join();
  const kept = known.get(item);
  if (kept?.key === key) return kept;
  const facts = factsOf(detail, item, variation);
  const input = { ...facts, today: done, next };
  const made = { key, facts, advice: done.length === 0 ? adviseFirstSet(input) : adviseAfterSet(input) };
  known.set(item, made);
  return made;
};

const first = new WeakMap<SheetItemDto, 'left' | 'right'>();

/** Which leg goes first; worked out once for an item, because it replays both legs' whole history. */
export const firstSideOf = (detail: Pick<SessionDetailDto, 'session' | 'sheet'>, item: SheetItemDto, variation: Variation) => {
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
