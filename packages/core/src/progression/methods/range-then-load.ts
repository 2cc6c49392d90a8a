import { repsTop } from '../../dose';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { easeOneStep } from '../ease';
import { stepUp } from '../jump';
import type { ExerciseLog, Method, Outcome, WorkDone } from '../types';

/**
 * Reps climb through the range; when every set reaches the top, clean and with the reserve asked for (where it was
 * said), the next load is taken and reps go back down. One set short is looked at again, two ease back.
 */
export const rangeThenLoad: Method = {
  id: 'range-then-load',
  decide(log, done) {
    return shortOfRange(log, done) ?? heldBack(log, done) ?? stepped(log, done);
  },
};

const stay = (log: ExerciseLog, done: WorkDone, reasons: readonly Reason[]): Outcome => ({
  verdict: 'same-again',
  change: null,
  dose: { ...log.dose, load: done.load },
  reasons,
});

const shortOfRange = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const { dose } = log;
  const short = done.rows.filter((row) => row.reps < dose.repsLow && row.endedBy !== 'grip');
  const [first] = short;
  if (!first) return null;
  const shortSets = new Set(short.map((row) => row.setIndex)).size;
  if (shortSets === 1) {
    const { setIndex, reps, side } = first;
    return stay(log, done, [reason('short-once', { setIndex, reps, repsLow: dose.repsLow, side }, 'house-default')]);
  }
  const worstReps = Math.min(...short.map((row) => row.reps));
  const values = { shortSets, worstReps, repsLow: dose.repsLow, loadKg: done.load.externalKg };
  const eased = easeOneStep(log, done.load);
  return { verdict: 'ease-back', ...eased, reasons: [reason('short-of-range', values, 'common-practice'), ...eased.reasons] };
};

const heldBack = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const { dose } = log;
  const grip = done.rows.find((row) => row.endedBy === 'grip');
  if (grip) return stay(log, done, [reason('grip-ended', { setIndex: grip.setIndex }, 'common-practice')]);
  const lowest = Math.min(...done.rows.map((row) => row.reps));
  if (lowest < repsTop(dose)) {
    return stay(log, done, [reason('within-range', { lowestReps: lowest, repsHigh: repsTop(dose) }, 'common-practice')]);
  }
  if (done.completeSets < dose.sets) {
    return stay(log, done, [reason('sets-missing', { done: done.completeSets, planned: dose.sets }, 'common-practice')]);
  }
  const lighter = done.rows.find((row) => row.externalKg < done.load.externalKg - 0.001);
  if (lighter) {
    const values = { setIndex: lighter.setIndex, loadKg: lighter.externalKg, plannedKg: done.load.externalKg };
    return stay(log, done, [reason('other-load-than-planned', values, 'common-practice')]);
  }
  const tight = done.rows.find((row) => row.reserve !== null && row.reserve < dose.reserve);
  if (tight) {
    const values = { setIndex: tight.setIndex, reserve: tight.reserve ?? 0, target: dose.reserve };
    return stay(log, done, [reason('under-reserve', values, 'common-practice')]);
  }
  const unjudged = done.rows.find((row) => row.clean === 'not-judged');
  return unjudged ? stay(log, done, [reason('clean-not-judged', { setIndex: unjudged.setIndex }, 'house-default')]) : null;
};

const stepped = (log: ExerciseLog, done: WorkDone): Outcome => {
  const top = reason('top-of-range', { sets: done.completeSets, reps: repsTop(log.dose) }, 'common-practice');
  const outcome = stepUp(log, done.load);
  return { ...outcome, reasons: [top, ...outcome.reasons] };
};
