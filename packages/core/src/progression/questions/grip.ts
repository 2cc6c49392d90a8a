import { valueAt } from '../../catalogue/knowledge';
import { reason } from '../../vocabulary';
import { lever } from '../change-lever';
import type { TrackMemory } from '../memory';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, Question, WorkDone } from '../types';

/** Sessions running that grip ended before something about it changes. House default. */
const RUNNING = 2;

/**
 * Hands gave out before the legs: never read as weaker legs. Two sessions running change how it is held, or make the
 * legs' work harder at less load in the hands, once; after that the legs' own sets are judged.
 */
export const grip: Question = {
  id: 'grip',
  ask: (log, done) => {
    const gave = done.rows.filter((row) => row.endedBy === 'grip');
    const [first] = gave;
    if (!first || gave.length * 2 < done.rows.length) return null;
    const running = (log.memory?.grip?.running ?? 0) + 1;
    const changed = log.memory?.grip?.changed ?? false;
    if (changed) return null;
    const memory: TrackMemory = { ...log.memory, grip: { running, changed: running >= RUNNING } };
    const why = reason('grip-ended', { setIndex: first.setIndex }, 'common-practice');
    if (running < RUNNING) return { ...stay(log, done, [why]), memory };
    const outcome = strapped(log, done, running) ?? harder(log, done, running);
    return outcome ? { ...outcome, reasons: [why, ...outcome.reasons], memory } : { ...stay(log, done, [why]), memory };
  },
};

const strapped = (log: ExerciseLog, done: WorkDone, sessions: number): Outcome | null => {
  const scale = log.variation.levers.find(({ lever: id }) => id === 'grip');
  if (!scale) return null;
  const from = valueAt(scale, log.values);
  if (from === 'straps' || !scale.steps.includes('straps')) return null;
  return {
    verdict: 'move-up',
    change: { lever: 'grip', from, to: 'straps' },
    dose: { ...log.dose, load: done.load },
    values: { ...log.values, grip: 'straps' },
    reasons: [
      reason('grip-changed', { how: 'straps', sessions }, 'common-practice'),
      reason('lever-notch', { lever: 'grip', from, to: 'straps', unit: null }, 'common-practice'),
    ],
  };
};

/** No straps to take: a setting harder asks more of the legs while the hands hold the same. */
const harder = (log: ExerciseLog, done: WorkDone, sessions: number): Outcome | null => {
  const notch = lever(log, done.load, 'harder');
  return (
    notch && { ...notch, reasons: [reason('grip-changed', { how: 'harder', sessions }, 'common-practice'), ...notch.reasons] }
  );
};
