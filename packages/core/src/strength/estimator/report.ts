import { normalDensity } from './gaussian';
import { ESTIMATOR } from './params';
import { capability, kOf, leanOn, predict, varianceOf } from './predict';
import { atLeast, atMost, measure } from './assimilate';
import { B, RHO, STATES } from './types';
import type { Belief, Observation } from './types';

/** How much of the bias shows with `left` reps left. */
const biasShare = (left: number): number => 1 - Math.exp(-left / ESTIMATOR.biasReps);
const reportSd = (left: number): number => {
  const { base, perRep, most } = ESTIMATOR.reportSd;
  return Math.min(most, base + perRep * left);
};

/** A report turned into log load: which reps to failure it stands at, how far off it is, and how noisy. */
interface Reading {
  residual: number;
  h: number[];
  noiseVariance: number;
}

/** Reps left that would be reported as `reserve`, undoing the bias: a = q + b(1 − e^(−a/2)). */
const undoBias = (reserve: number, b: number): number => {
  let left = Math.max(0, reserve + b);
  for (let i = 0; i < 12; i += 1) left = Math.max(0, reserve + b * biasShare(left));
  return left;
};

const read = (belief: Belief, seen: Observation, reserve: number, fatigue: number): Reading => {
  const k = kOf(belief);
  const b = belief.mean[B] ?? 0;
  const expected = predict(belief, seen.totalKg, fatigue, seen.context);
  const expectedLeft = expected.reps - seen.reps;
  const invert = expected.sd >= ESTIMATOR.invertFromSd || expectedLeft <= ESTIMATOR.invertBelowMargin;
  const left = invert ? undoBias(reserve, b) : expectedLeft;
  const reps = seen.reps + left;
  const slope = 1 - (b / ESTIMATOR.biasReps) * Math.exp(-left / ESTIMATOR.biasReps);
  const gain = Math.max(ESTIMATOR.slopeLeast, slope) * (k + reps);
  const residual = invert
    ? Math.log(seen.totalKg) + Math.log(1 + reps / k) - capability(belief, fatigue, seen.context)
    : (reserve - (left - b * biasShare(left))) / gain;
  const noise = Math.hypot(reportSd(left), ESTIMATOR.roundingSd, ESTIMATOR.repsSd * slope) / gain;
  return { residual, h: leanOn(k, reps, fatigue, -biasShare(left) / gain), noiseVariance: noise ** 2 + seen.context.sd ** 2 };
};

/** The day may simply be a bad one: shifts readiness by how likely that makes this report. */
const allowForBadDay = (belief: Belief, { residual, h, noiseVariance }: Reading): Belief => {
  const { shift, prior } = ESTIMATOR.badDay;
  const sd = Math.sqrt(varianceOf(belief, h) + noiseVariance);
  const bad = prior * normalDensity((residual + shift) / sd);
  const good = (1 - prior) * normalDensity(residual / sd);
  const p = bad + good > 0 ? bad / (bad + good) : residual < -shift / 2 ? 1 : 0;
  const mean = [...belief.mean];
  const cov = [...belief.cov];
  mean[RHO] = (mean[RHO] ?? 0) - shift * p;
  cov[RHO * STATES + RHO] = (cov[RHO * STATES + RHO] ?? 0) + shift ** 2 * p * (1 - p);
  return { mean, cov };
};

/** Whether a report names a number rather than an end of its scale. */
export const isNumbered = (reserve: number, cap: number): boolean => reserve > 0 && reserve < cap;

/**
 * Takes in a report of reps in reserve. The top of the scale says "that many or more", 0 says "hardly one".
 * `firstToday`: the first numbered report of the day, which also tells whether the day is a bad one.
 */
export const takeReport = (belief: Belief, seen: Observation, reserve: number, fatigue: number, firstToday: boolean): Belief => {
  if (reserve >= seen.reserveCap) {
    const { h, residual, noiseVariance } = read(belief, seen, seen.reserveCap - 0.5, fatigue);
    return atLeast(belief, h, residual, noiseVariance);
  }
  if (reserve <= 0) {
    const { h, residual, noiseVariance } = read(belief, seen, 0.5, fatigue);
    return atMost(belief, h, residual, noiseVariance);
  }
  if (!firstToday) {
    const { h, residual, noiseVariance } = read(belief, seen, reserve, fatigue);
    return measure(belief, h, residual, noiseVariance);
  }
  const allowed = allowForBadDay(belief, read(belief, seen, reserve, fatigue));
  const { h, residual, noiseVariance } = read(allowed, seen, reserve, fatigue);
  return measure(allowed, h, residual, noiseVariance);
};
