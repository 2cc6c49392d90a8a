import { getVariation } from '../catalogue';
import type { Catalogue, Variation } from '../catalogue';
import { firstOfPattern } from '../composer';
import { allowedLoads, rampsFor } from '../dose';
import { isDrillRole } from '../vocabulary';
import type { LiveItem, LiveSheet } from './types';

/** The lead-up to an exercise's first work set, as rows that may be logged and are never owed. */
export const rampsOf = <I extends Omit<LiveItem, 'past' | 'method'>>(
  {
    sheet,
    catalogue,
  }: { sheet: Pick<LiveSheet<LiveItem>, 'blocks' | 'kit' | 'limits'> & { items: readonly I[] }; catalogue: Catalogue },
  item: I,
  variation: Variation,
): readonly { loadKg: number; reps: number }[] => {
  if (isDrillRole(sheet.blocks.find(({ id }) => id === item.blockId)?.role)) return [];
  const firsts = firstOfPattern(sheet, (one) => getVariation(catalogue, one.variationId));
  const loads = allowedLoads(sheet.kit, sheet.limits, variation, item.values);
  return rampsFor(item.dose.load, item.feelers, loads, firsts.has(item.id));
};
