import { keepInRange } from './belief';
import { hazard } from './gaussian';
import { ESTIMATOR } from './params';
import { STATES } from './types';
import type { Belief } from './types';

/** P h and S = h P hᵀ + R of one observation, S widened when the observation is far out. */
const gainOf = ({ cov }: Belief, h: readonly number[], residual: number, noiseVariance: number) => {
  const ph = [0, 0, 0, 0, 0, 0];
  let s = noiseVariance;
  for (let i = 0; i < STATES; i += 1) {
    let sum = 0;
    for (let j = 0; j < STATES; j += 1) sum += (cov[i * STATES + j] as number) * (h[j] as number);
    ph[i] = sum;
    s += sum * (h[i] as number);
  }
  const z = Math.abs(residual) / Math.sqrt(s);
  return { ph, s: z > ESTIMATOR.gateSd ? (s * z) / ESTIMATOR.gateSd : s };
};

const moved = ({ mean, cov }: Belief, ph: readonly number[], step: number, shrink: number): Belief => {
  const nextMean = mean.slice();
  const nextCov = cov.slice();
  for (let i = 0; i < STATES; i += 1) {
    const pi = ph[i] as number;
    nextMean[i] = (nextMean[i] as number) + pi * step;
    for (let j = 0; j < STATES; j += 1) {
      nextCov[i * STATES + j] = (nextCov[i * STATES + j] as number) - pi * (ph[j] as number) * shrink;
    }
  }
  keepInRange(nextMean);
  return { mean: nextMean, cov: nextCov };
};

/** A measurement: `residual` is what was seen minus what was expected, in log load. */
export const measure = (belief: Belief, h: readonly number[], residual: number, noiseVariance: number): Belief => {
  const { ph, s } = gainOf(belief, h, residual, noiseVariance);
  return moved(belief, ph, residual / s, 1 / s);
};

/**
 * A one-sided truth: it was at least `excess` above what was expected (negative: a bound already believed). One far out
 * counts as three deviations, so that more reps can never teach less than fewer.
 */
export const atLeast = (belief: Belief, h: readonly number[], excess: number, noiseVariance: number): Belief => {
  const { ph, s } = gainOf(belief, h, 0, noiseVariance);
  const alpha = Math.min(ESTIMATOR.gateSd, excess / Math.sqrt(s));
  // Six deviations inside the bound nothing is learned.
  if (alpha < -6) return belief;
  const lambda = hazard(alpha);
  return moved(belief, ph, lambda / Math.sqrt(s), (lambda * (lambda - alpha)) / s);
};

/** A one-sided truth the other way: it was at most `excess` above what was expected. */
export const atMost = (belief: Belief, h: readonly number[], excess: number, noiseVariance: number): Belief => {
  const { ph, s } = gainOf(belief, h, Math.min(0, excess), noiseVariance);
  const alpha = -excess / Math.sqrt(s);
  if (alpha < -6) return belief;
  const lambda = hazard(alpha);
  return moved(belief, ph, -lambda / Math.sqrt(s), (lambda * (lambda - alpha)) / s);
};
