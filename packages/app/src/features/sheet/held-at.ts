import type { ContentItemDto, SheetDto } from '@drubo/contracts';
import { allowedLoads, doseHeldAt } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { SheetInput } from '@drubo/core/composing';
import { closedPlaces } from '@drubo/core/selection';
import type { LeverValues, LoadPosition, Reason } from '@drubo/core/vocabulary';

/** An exercise with other settings; a weight held elsewhere becomes one that is held there, as hard. */
export const withValues = (
  sheet: Pick<SheetDto, 'kit' | 'limits'>,
  variation: Variation,
  item: ContentItemDto,
  values: LeverValues,
): ContentItemDto => {
  if (values['load-position'] === item.values['load-position']) return { ...item, values };
  return { ...item, values, dose: doseHeldAt(item.dose, allowedLoads(sheet.kit, sheet.limits, variation, values)) };
};

/** Places where this person may hold no weight of a movement here, each with the first thing that speaks against it. */
export const closedHere = (
  variation: Variation,
  input: SheetInput | undefined,
  explain: (reasons: readonly Reason[]) => readonly { text: string }[],
): { place: LoadPosition; why: string }[] =>
  input
    ? closedPlaces(variation, input.context).map(({ place, reasons }) => ({
        place,
        why: explain(reasons.slice(0, 1))
          .map(({ text }) => text)
          .join(' '),
      }))
    : [];
