import { lowerTail, meanDistance, upperTail } from '../estimator/gaussian';
import type { Prediction } from '../estimator/predict';
import { CHOICE } from './params';

/** What a set aims at. Reps are clean reps; `reserve` is how many should be left at the end. */
export interface SetTarget {
  sets: number;
  repsLow: number;
  repsHigh: number;
  reserve: number;
}

/** What it would cost to ask for `reps` where this many are predicted: expected miss, and the two ways to spoil a set. */
export const costOf = ({ reps: expected, sd }: Prediction, reps: number, target: SetTarget): number => {
  const { shortOfRange, farTooEasy, farBy } = CHOICE.cost;
  const off = meanDistance(Math.abs(expected - reps - target.reserve), sd);
  const short = lowerTail((target.repsLow - expected) / sd);
  const easy = upperTail((reps + target.reserve + farBy - expected) / sd);
  return off + shortOfRange * short + farTooEasy * easy;
};
