import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { formatMass } from '@drubo/words/explain';
import { rampsOf } from '@drubo/core/live';
import type { MassUnit } from '@drubo/core/vocabulary';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.rampLine;

/** The lead-up to an exercise's first work set in one line; null where none is needed. */
export const rampWords = (sheet: SheetDto, item: SheetItemDto, variation: Variation, unit: MassUnit): string | null => {
  const sets = rampsOf({ sheet, catalogue: builtInCatalogue }, item, variation);
  if (sets.length === 0) return null;
  return words.rampUp(sets.map(({ loadKg, reps }) => `${formatMass(loadKg, unit)} × ${reps}`).join(', '));
};
