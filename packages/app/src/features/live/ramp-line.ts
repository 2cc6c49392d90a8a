import { barOf } from '@drubo/core';
import type { Load } from '@drubo/core';
import { formatMass } from '@drubo/core/explain';
import { rampSets } from '@drubo/core/strength';
import type { MassUnit } from '@drubo/core/vocabulary';

/** The sets that lead up to a bar's first work set, in one line; null where none is needed. */
export const rampWords = (load: Load, loads: readonly Load[], unit: MassUnit): string | null => {
  if (!barOf(load)) return null;
  const sets = rampSets(
    load.externalKg,
    loads.map(({ externalKg }) => externalKg),
  );
  if (sets.length === 0) return null;
  return `Ramp up: ${sets.map(({ loadKg, reps }) => `${formatMass(loadKg, unit)} × ${reps}`).join(', ')}.`;
};
