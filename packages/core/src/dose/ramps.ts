import { barOf } from '../kit';
import type { Load } from '../kit';
import { rampSets } from '../strength';
import type { RampSet } from '../strength';

/** What is held gets one ramp set at this share before the first lift of a pattern. Common practice, no source. */
const HELD = { share: 0.6, reps: 5 } as const;

/**
 * Ramp sets before the first work set: the usual ramp for a loaded bar, one set for what is held where it is the first
 * lift of its pattern; none while feelers look for its load.
 */
export const rampsFor = (load: Load, feelers: number, loads: readonly Load[], isFirstOfPattern: boolean): RampSet[] => {
  if (feelers > 0 || load.externalKg <= 0) return [];
  const kgs = loads.map(({ externalKg }) => externalKg);
  if (barOf(load)) return rampSets(load.externalKg, kgs);
  if (!isFirstOfPattern || load.position === 'counterweight') return [];
  const lighter = kgs.findLast((kg) => kg > 0 && kg <= HELD.share * load.externalKg + 0.0005);
  return lighter === undefined ? [] : [{ loadKg: lighter, reps: HELD.reps }];
};

/** How many there are. */
export const rampCount = (load: Load, feelers: number, loads: readonly Load[], isFirstOfPattern = false): number =>
  rampsFor(load, feelers, loads, isFirstOfPattern).length;
