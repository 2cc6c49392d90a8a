import type { Variation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { setShare } from '../dose';
import { WEEK_NEEDS } from '../vocabulary';
import type { EmphasisId, TrainingAge } from '../vocabulary';

/** What a week is counted in: a muscle's hard sets, and those of the hamstrings that bend the knee. */
export type Need = EmphasisId | 'knee-bend';

/** Hard sets a week: what it must not fall under, what is aimed at, what it never goes over. */
export interface Weekly {
  floor: number;
  aim: number;
  cap: number;
}

const w = (floor: number, aim: number, cap: number): Weekly => ({ floor, aim, cap });
const THIGH = { novice: w(3, 7.5, 12), intermediate: w(5, 11.5, 18), advanced: w(6, 15, 22) } as const;
const DIRECT = { novice: w(0, 1, 6), intermediate: w(1, 2, 8), advanced: w(1, 3, 10) } as const;

/**
 * By training age; the middle of a range is the aim. Basis: house defaults; ten weekly sets outgrow fewer (Schoenfeld et al. 2017,
 * from memory).
 */
export const WEEKLY: Partial<Record<Need, Record<TrainingAge, Weekly>>> = {
  'front-thigh': THIGH,
  hamstrings: THIGH,
  glutes: { novice: w(6, 11, 20), intermediate: w(8, 16, 28), advanced: w(10, 21, 34) },
  'knee-bend': { novice: w(0, 1, 4), intermediate: w(2, 3, 6), advanced: w(2, 4, 8) },
  calves: { novice: w(1, 3, 6), intermediate: w(2, 5, 10), advanced: w(3, 7, 12) },
  adductors: DIRECT,
  'side-hip': DIRECT,
  trunk: DIRECT,
};

/** Everything a week is counted in, in order. */
export const NEEDS: readonly Need[] = WEEK_NEEDS;

/** At most so many hard sets a session on one muscle, and in all. House defaults. */
export const SESSION_CAP = { muscle: 10, glutes: 14, all: 20 } as const;

/** Muscles of which only direct sets count: what a squat does for the trunk is no set of its own. */
const DIRECT_ONLY: ReadonlySet<Need> = new Set<Need>(['adductors', 'side-hip', 'trunk']);

/** What one hard set of a movement counts for a need: whole, half or nothing. */
export const countsFor = (variation: Pick<Variation, 'id' | 'emphasis'>, need: Need): number => {
  if (need === 'knee-bend') return rungsOf(variation.id).some(({ ladder }) => ladder.id === 'leg-curl') ? 1 : 0;
  const share = setShare(variation.emphasis[need] ?? 0);
  return DIRECT_ONLY.has(need) && share < 1 ? 0 : share;
};
