import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { allowedLoads } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { firstOfPattern } from '@drubo/core/composing';
import { rampsFor } from '@drubo/core/dose';
import { formatMass } from '@drubo/core/explain';
import type { MassUnit } from '@drubo/core/vocabulary';

/** The lead-up to an exercise's first work set, as rows that may be logged and are never owed. */
export const rampsOf = (
  sheet: Pick<SheetDto, 'blocks' | 'items' | 'kit' | 'limits'>,
  item: SheetItemDto,
  variation: Variation,
): readonly { loadKg: number; reps: number }[] => {
  if (sheet.blocks.find(({ id }) => id === item.blockId)?.role === 'prep') return [];
  const firsts = firstOfPattern(sheet, (one) => getVariation(builtInCatalogue, one.variationId));
  const loads = allowedLoads(sheet.kit, sheet.limits, variation, item.values);
  return rampsFor(item.dose.load, item.feelers, loads, firsts.has(item.id));
};

/** The same in one line; null where none is needed. */
export const rampWords = (sheet: SheetDto, item: SheetItemDto, variation: Variation, unit: MassUnit): string | null => {
  const sets = rampsOf(sheet, item, variation);
  if (sets.length === 0) return null;
  return `Ramp up: ${sets.map(({ loadKg, reps }) => `${formatMass(loadKg, unit)} × ${reps}`).join(', ')}.`;
};
