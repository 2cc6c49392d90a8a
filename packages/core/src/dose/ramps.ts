import { barOf } from '../kit';
import type { Load } from '../kit';
import { rampSets } from '../strength';

/** Ramp sets before the first work set: for a loaded bar, and none while feelers look for its load. */
export const rampCount = (load: Load, feelers: number, loads: readonly Load[]): number => {
  if (feelers > 0 || !barOf(load)) return 0;
  return rampSets(
    load.externalKg,
    loads.map(({ externalKg }) => externalKg),
  ).length;
};
