import { repsTop } from '../dose';
import { jumpBetween, nextUp } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import { aimAt } from './aim';
import { mayGoBeyond } from './may-go-beyond';
import { atRacksEnd } from './racks-end';
import type { ExerciseLog, Outcome } from './types';

/**
 * Largest rise in load taken at once. Source: ACSM position stand 2009 (2–10 %), from memory; judged on total moved
 * mass where the legs are the limit, on external load where the arms are.
 */
const LIMIT_PERCENT = 10;
/** Reps allowed past the range before a bigger jump is taken. House default. */
const REPS_BEYOND = 2;

/** One step up from work that filled its range: the next load, or another lever while that load is too big a jump. */
export const stepUp = (log: ExerciseLog, from: Load): Outcome => {
  const { dose, loads, variation, bodyMassKg } = log;
  const next = nextUp(loads, from.externalKg);
  const repsTo = dose.repsHigh + REPS_BEYOND;
  const canStretch = mayGoBeyond(log) && dose.repsBeyond < REPS_BEYOND;
  const moreReps = (reasons: Outcome['reasons']): Outcome => ({
    verdict: 'move-up',
    change: { lever: 'reps', from: repsTop(dose), to: repsTo },
    dose: { ...dose, load: from, repsBeyond: REPS_BEYOND, repsAim: repsTo },
    reasons,
  });
  if (!next) return atRacksEnd(log, from);
  const judged = { on: variation.jumpOn, bodyMassShare: variation.bodyMassShare, bodyMassKg };
  const jump = jumpBetween(from.externalKg, next.externalKg, judged);
  const isTooBig = jump.percent > LIMIT_PERCENT;
  const values = { fromKg: from.externalKg, toKg: next.externalKg, jumpPercent: jump.percent };
  const said = { ...values, limitPercent: LIMIT_PERCENT, on: jump.on };
  if (isTooBig && canStretch) return moreReps([reason('jump-too-big', { ...said, repsTo }, 'acsm-2009')]);
  return {
    verdict: 'move-up',
    change: { lever: 'load', from: from.externalKg, to: next.externalKg },
    dose: { ...dose, load: next, repsBeyond: 0, repsAim: aimAt(log, { ...dose, load: next, repsBeyond: 0 }) },
    reasons: [
      isTooBig
        ? reason('jump-after-extra-reps', { ...values, reps: repsTop(dose) }, 'house-default')
        : reason('jump-within-limit', said, 'acsm-2009'),
    ],
  };
};
