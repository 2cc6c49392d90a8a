import { reason } from '../../vocabulary';
import { asEased, easeOneStep } from '../ease';
import { stay } from '../stay';
import { stepUp } from '../step-up';
import type { Method } from '../types';
import { notWhole } from '../short-of-range';

/** Every session that was done as asked takes one small step; two sets missed go one step back. */
export const straightLine: Method = {
  id: 'straight-line',
  decide(log, done) {
    const { dose } = log;
    const missed = done.rows.filter((row) => row.reps < dose.repsLow && row.endedBy !== 'grip');
    const missedSets = new Set(missed.map((row) => row.setIndex)).size;
    if (missedSets > 0) {
      const reps = Math.min(...missed.map((row) => row.reps));
      const why = reason('straight-line-missed', { missedSets, reps }, 'common-practice');
      if (missedSets === 1) return stay(log, done, [why]);
      return asEased(easeOneStep(log, done.load), [why]);
    }
    const held = notWhole(log, done);
    if (held) return held;
    const outcome = stepUp(log, done.load);
    return {
      ...outcome,
      reasons: [
        reason('straight-line-done', { sets: done.completeSets, reps: dose.repsLow }, 'common-practice'),
        ...outcome.reasons,
      ],
    };
  },
};
