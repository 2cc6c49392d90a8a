import { barOf } from '@drubo/core';
import type { Load } from '@drubo/core';
import { formatMass } from '@drubo/core/explain';
import { rampSets } from '@drubo/core/strength';
import type { MassUnit } from '@drubo/core/vocabulary';
import type { Exercise } from './progress';

/** The way up to the first work set of a bar, in one line; null where none is needed or it has been walked. */
export const rampLine = ({ item, done }: Exercise, loads: readonly Load[], unit: MassUnit): string | null => {
  if (done.length > 0 || !barOf(item.dose.load)) return null;
  const sets = rampSets(
    item.dose.load.externalKg,
    loads.map(({ externalKg }) => externalKg),
  );
  if (sets.length === 0) return null;
  return `Ramp up: ${sets.map(({ loadKg, reps }) => `${formatMass(loadKg, unit)} × ${reps}`).join(', ')}.`;
};
