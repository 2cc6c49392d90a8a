import type { Variation } from '@drubo/core/catalogue';
import type { SheetInput } from '@drubo/core/composing';
import { closedPlaces } from '@drubo/core/selection';
import type { LoadPosition, Reason } from '@drubo/core/vocabulary';

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
