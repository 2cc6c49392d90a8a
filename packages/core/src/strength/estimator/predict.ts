import { ESTIMATOR } from './params';
import { B, D, KAPPA, RHO, STATES, X } from './types';
import type { Belief, ContextOffset } from './types';

export const NO_OFFSET: ContextOffset = { shift: 0, sd: 0 };

/** Reps to failure at one load, as expected: the mean, and how far off it may be. */
export interface Prediction {
  /** Log of what could be lifted once now: strength, readiness, fatigue and context together. */
  mu: number;
  reps: number;
  sd: number;
}

/** Fatigue one earlier set leaves, in units of d: more the nearer it came to failure. `repsLeft` is clamped. */
export const fatigueOf = (repsLeft: number): number => {
  const { atFailure, perRepLeft, least } = ESTIMATOR.fatigue;
  return Math.min(atFailure, Math.max(least, atFailure - perRepLeft * repsLeft));
};

/** μ: log capability for one rep after `fatigue`, in this context. */
export const capability = ({ mean }: Belief, fatigue: number, context: ContextOffset = NO_OFFSET): number =>
  (mean[X] ?? 0) + (mean[RHO] ?? 0) - (mean[D] ?? 0) * fatigue + context.shift;

/** k of reps to failure. */
export const kOf = ({ mean }: Belief): number => Math.exp(mean[KAPPA] ?? 0);

/** How an observation that implies `reps` to failure leans on each of the six numbers, in log load. */
export const leanOn = (k: number, reps: number, fatigue: number, onBias = 0): number[] => {
  const h = new Array<number>(STATES).fill(0);
  h[X] = 1;
  h[RHO] = 1;
  h[KAPPA] = reps / (k + reps);
  h[B] = onBias;
  h[D] = -fatigue;
  return h;
};

/** h P hᵀ: variance of what h leans on. */
export const varianceOf = ({ cov }: Pick<Belief, 'cov'>, h: readonly number[]): number => {
  let sum = 0;
  for (let i = 0; i < STATES; i += 1) {
    const hi = h[i] ?? 0;
    if (hi === 0) continue;
    for (let j = 0; j < STATES; j += 1) sum += hi * (cov[i * STATES + j] ?? 0) * (h[j] ?? 0);
  }
  return Math.max(0, sum);
};

/** Reps to failure alone, without how far off they may be. */
export const repsAt = (belief: Belief, totalKg: number, fatigue: number, context: ContextOffset = NO_OFFSET): number =>
  kOf(belief) * (Math.exp(capability(belief, fatigue, context)) / totalKg - 1);

/**
 * Reps to failure at a total moved load of `totalKg` (above 0), after `fatigue` from today's earlier sets.
 * A heavier load never has more predicted reps.
 */
export const predict = (belief: Belief, totalKg: number, fatigue: number, context: ContextOffset = NO_OFFSET): Prediction => {
  const k = kOf(belief);
  const mu = capability(belief, fatigue, context);
  const reps = k * (Math.exp(mu) / totalKg - 1);
  const spread = Math.sqrt(varianceOf(belief, leanOn(k, reps, fatigue)) + context.sd ** 2);
  return { mu, reps, sd: Math.hypot((k + reps) * spread, ESTIMATOR.repsSd) };
};
