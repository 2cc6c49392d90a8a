import type { SessionDetailDto, SheetItemDto } from '@drubo/contracts';
import { dayNumber, loadsForVariation } from '@drubo/core';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { firstSide, PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { AdviceInput } from '@drubo/core/judging';

/** What every set of an exercise is advised from, sets apart: the sheet carries it all, so no network is needed. */
export type ExerciseFacts = Omit<AdviceInput, 'today' | 'next'>;

/** The facts of one exercise of a running session. */
export const factsOf = (
  { session, sheet }: Pick<SessionDetailDto, 'session' | 'sheet'>,
  item: SheetItemDto,
  variation: Variation,
): ExerciseFacts => ({
  variation,
  values: item.values,
  dose: item.dose,
  method: item.method,
  feelers: item.feelers,
  loads: loadsForVariation(sheet.kit, variation, item.values),
  past: item.past,
  day: dayNumber(session.date),
  context: {
    catalogue: builtInCatalogue,
    kit: sheet.kit,
    room: null,
    person: sheet.fittedTo,
    limits: [],
    pain: PAIN_NOT_ASKED,
  },
});

const first = new WeakMap<SheetItemDto, 'left' | 'right'>();

/** Which leg goes first; worked out once for an item, because it replays both legs' whole history. */
export const firstSideOf = (detail: Pick<SessionDetailDto, 'session' | 'sheet'>, item: SheetItemDto, variation: Variation) => {
  const known = first.get(item);
  if (known) return known;
  const { side } = firstSide(factsOf(detail, item, variation));
  first.set(item, side);
  return side;
};
