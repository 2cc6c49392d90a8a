import type { Variation } from '../catalogue/types';
import { isPerSide } from '../vocabulary';
import { secondsPerRep } from './tempo';
import { repsTop } from './types';
import type { Dose } from './types';

/** Seconds to put one exercise away and walk to the next. House default. */
const CHANGEOVER_SECONDS = 45;

/**
 * Seconds of one set under tension, both sides of one-sided work together.
 * @example setSeconds({ ...dose, repsHigh: 10 }, splitSquat) // 10 reps × 4 s × 2 sides = 80
 */
export const setSeconds = (dose: Pick<Dose, 'repsHigh' | 'repsBeyond' | 'tempo'>, variation: Pick<Variation, 'stance'>) =>
  repsTop(dose) * secondsPerRep(dose.tempo) * (isPerSide(variation.stance) ? 2 : 1);

/** Seconds of one exercise: set-up, its sets at the top of the range, rest between sets. */
export const exerciseSeconds = (dose: Dose, variation: Pick<Variation, 'stance' | 'setUpSeconds'>): number =>
  variation.setUpSeconds + dose.sets * setSeconds(dose, variation) + Math.max(0, dose.sets - 1) * dose.restSeconds;

/**
 * Whole minutes a sheet takes, rounded up: every exercise, with a changeover between two. No items: 0.
 */
export const sheetMinutes = (items: readonly { dose: Dose; variation: Variation }[]): number => {
  const work = items.reduce((sum, { dose, variation }) => sum + exerciseSeconds(dose, variation), 0);
  return Math.ceil((work + Math.max(0, items.length - 1) * CHANGEOVER_SECONDS) / 60);
};
