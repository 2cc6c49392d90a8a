import { ESTIMATOR } from './params';
import { B, D, G, KAPPA, RHO, STATES, X } from './types';
import type { Belief, GainClass } from './types';

/**
 * What is believed before the first set: a load, total moved kg, that could be lifted about twelve times.
 * `sd` widens or narrows how sure that guess is, in log load.
 * @example firstBelief(70, 'novice').mean[0] // ln 98
 */
export const firstBelief = (totalKg: number, gainClass: GainClass, sd: number = ESTIMATOR.priorSd.x): Belief => {
  const { usualK, startReps, priorMean, priorSd, gain, readinessSd } = ESTIMATOR;
  const mean = [
    Math.log(totalKg * (1 + startReps / usualK)),
    gain[gainClass].mean,
    0,
    Math.log(usualK),
    priorMean.b,
    priorMean.d,
  ];
  const sds = [sd, gain[gainClass].sd, readinessSd, priorSd.kappa, priorSd.b, priorSd.d];
  const cov = new Array<number>(STATES * STATES).fill(0);
  sds.forEach((value, at) => (cov[at * STATES + at] = value * value));
  return { mean, cov };
};

/** Keeps k and d where bodies are. */
export const keepInRange = (mean: number[]): void => {
  const { kRange, dRange } = ESTIMATOR;
  mean[KAPPA] = Math.min(Math.log(kRange.high), Math.max(Math.log(kRange.low), mean[KAPPA] ?? 0));
  mean[D] = Math.min(dRange.high, Math.max(dRange.low, mean[D] ?? 0));
};

/** Uncertainty of the one-rep maximum, in log load. */
export const sdOfStrength = ({ cov }: Belief): number => Math.sqrt(Math.max(0, cov[X * STATES + X] ?? 0));

/** The six numbers by name, for explaining and for tests. */
export const named = ({ mean }: Belief) => ({
  x: mean[X] ?? 0,
  g: mean[G] ?? 0,
  rho: mean[RHO] ?? 0,
  k: Math.exp(mean[KAPPA] ?? 0),
  b: mean[B] ?? 0,
  d: mean[D] ?? 0,
});
