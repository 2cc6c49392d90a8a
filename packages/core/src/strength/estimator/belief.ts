import type { TrainingAge } from '../../vocabulary';
import type { RepCurve } from '../curve';
import { ESTIMATOR } from './params';
import { B, D, G, KAPPA, RHO, STATES, X } from './types';
import type { Belief, GainClass } from './types';

/**
 * What is believed before the first set: a load, total moved kg, that could be lifted about twelve times.
 * `sd` widens or narrows how sure that guess is, in log load.
 * @example firstBelief(70, 'novice', { k: 42, kSd: 0.22 }).mean[0] // ln 90
 */
export const firstBelief = (
  totalKg: number,
  gainClass: GainClass,
  { k, kSd }: Pick<RepCurve, 'k' | 'kSd'>,
  sd: number = ESTIMATOR.priorSd.x,
): Belief => {
  const { startReps, priorMean, priorSd, gain, readinessSd } = ESTIMATOR;
  const mean = [Math.log(totalKg * (1 + startReps / k)), gain[gainClass].mean, 0, Math.log(k), priorMean.b, priorMean.d];
  const sds = [sd, gain[gainClass].sd, readinessSd, kSd, priorSd.b, priorSd.d];
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

/** How long somebody has trained, as far as expected gain goes. */
export const gainClassOf = ({ trainingAge }: { trainingAge: TrainingAge }): GainClass =>
  trainingAge === 'novice' ? 'novice' : 'trained';

/** Uncertainty of the one-rep maximum, in log load. */
export const sdOfStrength = ({ cov }: Belief): number => Math.sqrt(Math.max(0, cov[X * STATES + X] ?? 0));

/**
 * Uncertainty of the load for so many reps to failure, in log load: what the maximum and k leave unsure together. Readiness
 * and fatigue are the day's.
 */
export const sdOfLoadFor = ({ mean, cov }: Belief, reps: number): number => {
  const lean = reps / (Math.exp(mean[KAPPA] ?? 0) + reps);
  const at = (i: number, j: number): number => cov[i * STATES + j] ?? 0;
  return Math.sqrt(Math.max(0, at(X, X) + 2 * lean * at(X, KAPPA) + lean ** 2 * at(KAPPA, KAPPA)));
};

/** The six numbers by name, for explaining and for tests. */
export const named = ({ mean }: Belief) => ({
  x: mean[X] ?? 0,
  g: mean[G] ?? 0,
  rho: mean[RHO] ?? 0,
  k: Math.exp(mean[KAPPA] ?? 0),
  b: mean[B] ?? 0,
  d: mean[D] ?? 0,
});
