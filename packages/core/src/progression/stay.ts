import type { Reason } from '../vocabulary';
import type { ExerciseLog, Outcome, WorkDone } from './types';

/** The same again, at the load that was really used. */
export const stay = (log: ExerciseLog, done: Pick<WorkDone, 'load'>, reasons: readonly Reason[]): Outcome => ({
  verdict: 'same-again',
  change: null,
  dose: { ...log.dose, load: done.load },
  reasons,
});
