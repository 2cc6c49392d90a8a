import type { Variation } from '../catalogue/types';
import { plannedReps } from './types';
import type { Dose } from './types';
import { setSeconds } from './minutes';
import type { EmphasisId, Family } from '../vocabulary';
import { EMPHASES } from '../vocabulary';

/** What a sheet amounts to: hard sets and seconds under tension by muscle and family, and the load moved. */
export interface Volume {
  hardSetsByMuscle: Partial<Record<EmphasisId, number>>;
  hardSetsByFamily: Partial<Record<Family, number>>;
  tensionSecondsByMuscle: Partial<Record<EmphasisId, number>>;
  /** Sets × reps × external load, kg; both sides of one-sided work. */
  volumeLoadKg: number;
}

/** Sets end near enough to failure to count as hard with so many in reserve at most. Common practice. */
const HARD_RESERVE = 4;

/** One exercise as volume needs it. */
export interface VolumeItem {
  dose: Dose;
  variation: Pick<Variation, 'emphasis' | 'family' | 'stance' | 'seconds'>;
}

/** From this emphasis on a set counts whole for a muscle, from the second on half. House default. */
const COUNTS = { whole: 0.6, half: 0.3 } as const;

/** What a hard set counts for a muscle by how much the movement trains it: one, half, or nothing. */
export const setShare = (emphasis: number): number => (emphasis >= COUNTS.whole ? 1 : emphasis >= COUNTS.half ? 0.5 : 0);

/**
 * Hard sets by muscle, whole, half or not at all; tension weighted by emphasis; volume load. One-sided sets count once, as
 * both sides share one.
 */
export const volumeOf = (items: readonly VolumeItem[]): Volume => {
  const volume: Volume = { hardSetsByMuscle: {}, hardSetsByFamily: {}, tensionSecondsByMuscle: {}, volumeLoadKg: 0 };
  for (const { dose, variation } of items) {
    const sides = variation.stance === 'two-leg' ? 1 : 2;
    const hard = dose.reserve <= HARD_RESERVE ? dose.sets : 0;
    volume.hardSetsByFamily[variation.family] = (volume.hardSetsByFamily[variation.family] ?? 0) + hard;
    for (const muscle of EMPHASES) {
      const share = variation.emphasis[muscle] ?? 0;
      if (share === 0) continue;
      volume.hardSetsByMuscle[muscle] = (volume.hardSetsByMuscle[muscle] ?? 0) + setShare(share) * hard;
      const tension = share * dose.sets * setSeconds(dose, variation);
      volume.tensionSecondsByMuscle[muscle] = (volume.tensionSecondsByMuscle[muscle] ?? 0) + tension;
    }
    volume.volumeLoadKg += dose.sets * plannedReps(dose) * sides * dose.load.externalKg;
  }
  return volume;
};
