import { nextUp } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import { repsTop } from '../dose';
import type { ExerciseLog, Outcome } from './types';

/**
 * Largest rise in load taken at once. Source: ACSM position stand 2009 (2–10 %), from memory; judged on total moved
 * mass where the legs are the limit, on external load where the arms are.
 */
const LIMIT_PERCENT = 10;
/** Reps allowed past the range before a bigger jump is taken. House default. */
const REPS_BEYOND = 3;

/** One step up from work that filled its range: the next load, or more reps while that load is too big a jump. */
export const stepUp = (log: ExerciseLog, from: Load): Outcome => {
  const { dose, loads } = log;
  const next = nextUp(loads, from.externalKg);
  const repsTo = dose.repsHigh + REPS_BEYOND;
  const stretched = dose.repsBeyond > 0;
  const moreReps = (reasons: Outcome['reasons']): Outcome => ({
    verdict: 'move-up',
    change: { lever: 'reps', from: repsTop(dose), to: repsTo },
    dose: { ...dose, load: from, repsBeyond: REPS_BEYOND },
    reasons,
  });
  if (!next) {
    const values = { loadKg: from.externalKg };
    if (!stretched) return moreReps([reason('no-heavier-load', { ...values, repsTo }, 'house-default')]);
    const ceiling = reason('at-the-ceiling', { ...values, reps: repsTop(dose) }, 'house-default');
    return { verdict: 'same-again', change: null, dose: { ...dose, load: from }, reasons: [ceiling] };
  }
  const jump = jumpPercent(log, from, next);
  const values = { fromKg: from.externalKg, toKg: next.externalKg, jumpPercent: jump.percent };
  const judged = { ...values, limitPercent: LIMIT_PERCENT, on: jump.on };
  if (jump.percent > LIMIT_PERCENT && !stretched) {
    return moreReps([reason('jump-too-big', { ...judged, repsTo }, 'acsm-2009')]);
  }
  return {
    verdict: 'move-up',
    change: { lever: 'load', from: from.externalKg, to: next.externalKg },
    dose: { ...dose, load: next, repsBeyond: 0 },
    reasons: [
      jump.percent > LIMIT_PERCENT
        ? reason('jump-after-extra-reps', { ...values, reps: repsTop(dose) }, 'house-default')
        : reason('jump-within-limit', judged, 'acsm-2009'),
    ],
  };
};

/** Percent rise, to a tenth. From nothing with an unknown body mass there is no percentage: 0, so one step is allowed. */
const jumpPercent = (
  { variation, bodyMassKg }: Pick<ExerciseLog, 'variation' | 'bodyMassKg'>,
  from: Load,
  to: Load,
): { percent: number; on: 'total' | 'external' } => {
  const on = variation.jumpOn === 'total' && bodyMassKg !== null ? 'total' : 'external';
  const base = on === 'total' && bodyMassKg !== null ? variation.bodyMassShare * bodyMassKg : 0;
  const before = base + from.externalKg;
  const percent = before === 0 ? 0 : ((to.externalKg - from.externalKg) / before) * 100;
  return { percent: Math.round(percent * 10) / 10, on };
};
