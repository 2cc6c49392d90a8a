import { plannedReps, repsTop } from '../dose';
import { reason } from '../vocabulary';
import { aimAt } from './aim';
import type { ExerciseLog, Outcome, WorkDone } from './types';

/** Reps in reserve by which a set may fall short of what was asked before it is nearer its end than meant. House default. */
export const SPENT_BY = 1;

/**
 * Fewer reps than the range's top were asked for, and every set did them with about the reserve meant: more are asked for
 * the next time, what the belief bears, at least one more than the fewest. Null where the sets say nothing of the kind.
 */
export const climb = (log: ExerciseLog, done: WorkDone, outcome: Outcome): Outcome | null => {
  const { dose } = log;
  const [from, top] = [plannedReps(dose), repsTop(dose)];
  const isWhole =
    done.completeSets >= dose.sets &&
    done.rows.every(
      ({ reps, reserve, endedBy }) =>
        reps >= from &&
        (endedBy === 'planned' || endedBy === 'choice') &&
        (reserve === null || reserve >= dose.reserve - SPENT_BY),
    );
  if (from >= top || !isWhole) return null;
  const lowest = Math.min(...done.rows.map(({ reps }) => reps));
  const to = Math.min(top, Math.max(lowest + 1, aimAt(log, outcome.dose)));
  const why = reason('aim-up', { from, to }, 'common-practice');
  return {
    ...outcome,
    verdict: 'move-up',
    change: { lever: 'reps', from, to },
    dose: { ...outcome.dose, repsAim: to },
    reasons: [...outcome.reasons, why],
  };
};
