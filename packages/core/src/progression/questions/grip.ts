import { reason } from '../../vocabulary';
import { stay } from '../stay';
import type { Outcome, Question, WorkDone, ExerciseLog } from '../types';
import { valueAt } from '../../catalogue/knowledge';

/**
 * Hands gave out before the legs: never read as weaker legs. With the grip as a setting it moves one notch toward
 * straps; otherwise the dose stays and the reason names what else helps.
 */
export const grip: Question = {
  id: 'grip',
  ask: (log, done) => {
    const gave = done.rows.filter((row) => row.endedBy === 'grip');
    const [first] = gave;
    if (!first || gave.length * 2 < done.rows.length) return null;
    const why = reason('grip-ended', { setIndex: first.setIndex }, 'common-practice');
    return strapped(log, done, why) ?? stay(log, done, [why]);
  },
};

const strapped = (log: ExerciseLog, done: WorkDone, why: Outcome['reasons'][number]): Outcome | null => {
  const scale = log.variation.levers.find(({ lever }) => lever === 'grip');
  if (!scale) return null;
  const from = valueAt(scale, log.values);
  if (from === 'straps' || !scale.steps.includes('straps')) return null;
  return {
    verdict: 'same-again',
    change: { lever: 'grip', from, to: 'straps' },
    dose: { ...log.dose, load: done.load },
    values: { ...log.values, grip: 'straps' },
    reasons: [why, reason('lever-notch', { lever: 'grip', from, to: 'straps', unit: null }, 'common-practice')],
  };
};
