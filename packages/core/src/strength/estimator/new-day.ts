import { ESTIMATOR } from './params';
import { G, RHO, STATES, X } from './types';
import type { Belief, GainClass } from './types';

/** How a gap since the last session was read. */
export type GapKind = 'usual' | 'lay-off';

/**
 * Whether a gap is a lay-off: longer than ten days and than half again the person's usual gap. Basis: house default.
 * `usualGapDays` null: too few sessions to know one.
 */
export const gapKind = (gapDays: number, usualGapDays: number | null): GapKind => {
  const { atLeastDays, timesUsualGap } = ESTIMATOR.layOff;
  return gapDays > Math.max(atLeastDays, timesUsualGap * (usualGapDays ?? 0)) ? 'lay-off' : 'usual';
};

/** Strength lost over a lay-off, in log load: .0023 a day, a quarter at most. */
export const layOffLoss = (gapDays: number): number => Math.min(ESTIMATOR.layOff.lossMost, ESTIMATOR.layOff.lossPerDay * gapDays);

/**
 * Carries a belief to a new training day `gapDays` later: readiness is unknown again, the trend goes on over a usual
 * gap, strength is lost over a lay-off, and everything grows a little less certain.
 */
export const toNewDay = (belief: Belief, gapDays: number, usualGapDays: number | null, gainClass: GainClass): Belief => {
  const weeks = Math.max(0, gapDays) / 7;
  const mean = [...belief.mean];
  const cov = [...belief.cov];
  forgetReadiness(mean, cov);
  if (gapKind(gapDays, usualGapDays) === 'usual') {
    mean[X] = (mean[X] ?? 0) + (mean[G] ?? 0) * weeks;
    addTrend(cov, weeks);
  } else {
    const loss = layOffLoss(gapDays);
    const { lossSdShare, extraSd } = ESTIMATOR.layOff;
    mean[X] = (mean[X] ?? 0) - loss;
    addTo(cov, X, (lossSdShare * loss) ** 2 + extraSd ** 2);
  }
  addTo(cov, X, ESTIMATOR.driftSdPerWeek ** 2 * weeks);
  if (gainClass === 'novice') scaleGain(mean, cov, Math.exp(-weeks / ESTIMATOR.noviceGainWeeks));
  addTo(cov, G, ESTIMATOR.gainDriftSdPerWeek ** 2 * weeks);
  return { mean, cov };
};

const addTo = (cov: number[], at: number, variance: number): void => {
  cov[at * STATES + at] = (cov[at * STATES + at] ?? 0) + variance;
};

const forgetReadiness = (mean: number[], cov: number[]): void => {
  mean[RHO] = 0;
  for (let i = 0; i < STATES; i += 1) {
    cov[RHO * STATES + i] = 0;
    cov[i * STATES + RHO] = 0;
  }
  cov[RHO * STATES + RHO] = ESTIMATOR.readinessSd ** 2;
};

/** x gains g for each week: the covariance follows by its Jacobian. */
const addTrend = (cov: number[], weeks: number): void => {
  for (let i = 0; i < STATES; i += 1) cov[X * STATES + i] = (cov[X * STATES + i] ?? 0) + weeks * (cov[G * STATES + i] ?? 0);
  for (let i = 0; i < STATES; i += 1) cov[i * STATES + X] = (cov[i * STATES + X] ?? 0) + weeks * (cov[i * STATES + G] ?? 0);
};

const scaleGain = (mean: number[], cov: number[], factor: number): void => {
  mean[G] = (mean[G] ?? 0) * factor;
  for (let i = 0; i < STATES; i += 1) cov[G * STATES + i] = (cov[G * STATES + i] ?? 0) * factor;
  for (let i = 0; i < STATES; i += 1) cov[i * STATES + G] = (cov[i * STATES + G] ?? 0) * factor;
};
