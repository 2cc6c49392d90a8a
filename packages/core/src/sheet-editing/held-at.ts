import type { Variation } from '../catalogue';
import { allowedLoads, doseHeldAt } from '../dose';
import type { Kit } from '../kit';
import type { PersonLimit } from '../limits';
import type { LeverValues } from '../vocabulary';
import type { EditedItem } from './types';

/** An exercise with other settings; a weight held elsewhere becomes one that is held there, as hard. */
export const withValues = <I extends EditedItem>(
  { kit, limits }: { kit: Kit; limits: readonly PersonLimit[] },
  variation: Variation,
  item: I,
  values: LeverValues,
): I =>
  values['load-position'] === item.values['load-position']
    ? { ...item, values }
    : { ...item, values, dose: doseHeldAt(item.dose, allowedLoads(kit, limits, variation, values)) };
