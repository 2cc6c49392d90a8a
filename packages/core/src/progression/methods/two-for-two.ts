import { isSameMass } from '../../kit';
import { reason } from '../../vocabulary';
import { climb } from '../climb';
import { stay } from '../stay';
import { stepUp } from '../step-up';
import type { ExerciseLog, Method } from '../types';
import { workDone } from '../work-done';
import { notWhole, shortOfRange } from '../short-of-range';

/** Reps over the goal in the last set, and sessions running. Source: NSCA Essentials, 4th ed. (from memory). */
const TWO = { repsOver: 2, sessions: 2 } as const;

/** Two or more reps over the goal in the last set, two sessions running at the same load: then the next load. */
export const twoForTwo: Method = {
  id: 'two-for-two',
  decide(log, done) {
    const short = shortOfRange(log, done) ?? notWhole(log, done);
    if (short) return short;
    const goalReps = log.dose.repsHigh;
    const lastReps = lastSetReps(log) ?? 0;
    const sessions = runningOver(log, goalReps);
    if (sessions < TWO.sessions) {
      const waiting = stay(log, done, [reason('two-for-two-waiting', { lastReps, goalReps, sessions }, 'nsca-essentials-4')]);
      return climb(log, done, waiting) ?? waiting;
    }
    const met = reason('two-for-two-met', { repsOver: lastReps - goalReps, goalReps, sessions }, 'nsca-essentials-4');
    const outcome = stepUp(log, done.load);
    return { ...outcome, reasons: [met, ...outcome.reasons] };
  },
};

type Worked = Pick<ExerciseLog, 'sets' | 'dose' | 'variation' | 'loads'>;

/** Fewest reps of the last set's sides; null when nothing was done. */
const lastSetReps = (log: Worked): number | null => {
  const { rows } = workDone(log);
  const last = Math.max(...rows.map((row) => row.setIndex));
  const reps = rows.filter((row) => row.setIndex === last).map((row) => row.reps);
  return reps.length === 0 ? null : Math.min(...reps);
};

/** Sessions in a row, this one last, that went two over at this load. */
const runningOver = (log: ExerciseLog, goalReps: number): number => {
  const load = workDone(log).load.externalKg;
  const all: Worked[] = [
    log,
    ...[...log.past]
      .sort((a, b) => b.day - a.day)
      .map(({ sets, dose }) => ({ sets, dose, variation: log.variation, loads: log.loads })),
  ];
  let running = 0;
  for (const session of all) {
    const reps = lastSetReps(session);
    const isOver = reps !== null && reps >= goalReps + TWO.repsOver && isSameMass(workDone(session).load.externalKg, load);
    if (!isOver) break;
    running += 1;
  }
  return running;
};
