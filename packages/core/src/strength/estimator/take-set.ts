import { atLeast, measure } from './assimilate';
import { keepInRange } from './belief';
import { ESTIMATOR } from './params';
import { capability, fatigueOf, kOf, leanOn, repsAt } from './predict';
import { isNumbered, takeReport } from './report';
import { B, STATES, X } from './types';
import type { Belief, Observation } from './types';

/** What one set changes. */
export interface Taken {
  belief: Belief;
  today: Today;
  /** Fatigue this set added. */
  added: number;
}

/** What stands between two sets of one day. */
export interface Today {
  /** Fatigue from today's earlier sets, in units of d. */
  fatigue: number;
  /** Whether a numbered report has been given today. */
  reported: boolean;
}

export const FRESH: Today = { fatigue: 0, reported: false };

/**
 * Takes in one set. A missed rep places capability between two reps; a finished set says it was at least that; a
 * report, where there is one, says how much more. A missing report is never read as "on target".
 */
export const takeSet = (belief: Belief, seen: Observation, today: Today): Taken => {
  const learned = seen.failed && !seen.onlyAtLeast ? missed(belief, seen, today) : finished(belief, seen, today);
  return takenIn(neverLowerForBetter(belief, withinBias(learned), seen, today), seen, today);
};

/**
 * Nobody under-reports by more than leaves "none left" meaning none: what would lie beyond is strength that is not there, and
 * goes where it is tied to.
 */
const withinBias = (belief: Belief): Belief => {
  const over = (belief.mean[B] ?? 0) - ESTIMATOR.biasReps;
  const variance = belief.cov[B * STATES + B] ?? 0;
  if (over <= 0 || variance <= 0) return belief;
  const mean = belief.mean.map((value, at) => value - (over * (belief.cov[at * STATES + B] ?? 0)) / variance);
  keepInRange(mean);
  return { ...belief, mean };
};

/**
 * A set better than predicted never lowers what is thought of the person: where the six numbers trade with each other
 * so that it would, strength is held where it was.
 */
const neverLowerForBetter = (before: Belief, after: Belief, seen: Observation, { fatigue }: Today): Belief => {
  const lost = capability(before, fatigue) - capability(after, fatigue);
  if (seen.failed || lost <= 0) return after;
  const shown = seen.reps + (hasReport(seen) ? seen.reserve : 0);
  if (shown < repsAt(before, seen.totalKg, fatigue, seen.context)) return after;
  return { ...after, mean: after.mean.map((value, at) => (at === X ? value + lost : value)) };
};

const takenIn = (learned: Belief, seen: Observation, today: Today): Taken => {
  const left = seen.failed ? 0 : Math.max(0, repsAt(learned, seen.totalKg, today.fatigue, seen.context) - seen.reps);
  const added = fatigueOf(left);
  return {
    belief: learned,
    added,
    today: {
      fatigue: today.fatigue + added,
      reported: today.reported || (hasReport(seen) && isNumbered(seen.reserve, seen.reserveCap)),
    },
  };
};

const hasReport = (seen: Observation): seen is Observation & { reserve: number } =>
  seen.reserve !== null && !seen.onlyAtLeast && !seen.failed;

const missed = (belief: Belief, seen: Observation, { fatigue }: Today): Belief => {
  const k = kOf(belief);
  const reps = seen.reps + 0.5;
  const residual = Math.log(seen.totalKg) + Math.log(1 + reps / k) - capability(belief, fatigue, seen.context);
  const noise = Math.hypot(ESTIMATOR.roundingSd, ESTIMATOR.repsSd) / (k + reps);
  return measure(belief, leanOn(k, reps, fatigue), residual, noise ** 2 + seen.context.sd ** 2);
};

const finished = (belief: Belief, seen: Observation, { fatigue, reported }: Today): Belief => {
  const k = kOf(belief);
  const excess = Math.log(seen.totalKg) + Math.log(1 + seen.reps / k) - capability(belief, fatigue, seen.context);
  // Leaned at the predicted reps, so that how a bound is shared out doesn't hang on how far above it the set was.
  const expected = Math.min(k, Math.max(0, repsAt(belief, seen.totalKg, fatigue, seen.context)));
  const noise = ESTIMATOR.completedSd / (k + expected);
  const bounded = atLeast(belief, leanOn(k, expected, fatigue), excess, noise ** 2 + seen.context.sd ** 2);
  return hasReport(seen) ? takeReport(bounded, seen, seen.reserve, fatigue, !reported) : bounded;
};
