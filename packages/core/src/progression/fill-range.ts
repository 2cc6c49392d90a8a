import { repsTop } from '../dose';
import { reason } from '../vocabulary';
import { climb } from './climb';
import { notWhole, shortOfRange } from './short-of-range';
import { stay } from './stay';
import { stepUp } from './step-up';
import type { ExerciseLog, Outcome, WorkDone } from './types';

/** Reps climb through the range in every set, then the load: what the plain range says of a session. */
export const fillRange = (log: ExerciseLog, done: WorkDone): Outcome =>
  shortOfRange(log, done) ?? heldBack(log, done) ?? stepped(log, done);

const heldBack = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const lowest = Math.min(...done.rows.map((row) => row.reps));
  const top = repsTop(log.dose);
  if (lowest < top && !done.rows.some((row) => row.endedBy === 'grip')) {
    const within = stay(log, done, [reason('within-range', { lowestReps: lowest, repsHigh: top }, 'common-practice')]);
    return climb(log, done, within) ?? within;
  }
  return notWhole(log, done);
};

const stepped = (log: ExerciseLog, done: WorkDone): Outcome => {
  const top = reason('top-of-range', { sets: done.completeSets, reps: repsTop(log.dose) }, 'common-practice');
  const outcome = stepUp(log, done.load);
  return { ...outcome, reasons: [top, ...outcome.reasons] };
};
