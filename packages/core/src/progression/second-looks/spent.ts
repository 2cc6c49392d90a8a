import { plannedReps } from '../../dose';
import { reason } from '../../vocabulary';
import type { SetRecord } from '../../log';
import { asEased, easeOneStep } from '../ease';
import { carefulCause } from '../estimate-next';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, PastExercise, SecondLook, WorkDone } from '../types';
import { heldLoad } from '../work-done';

/** Reports a session must have, how far under the target they lie on average, and sessions running. House defaults. */
const SPENT = { reports: 2, by: 1, sessions: 2 } as const;

/** Mean of what was said to be left, a failed set as none; null where too few spoke, or it wasn't short of the target. */
const leftTooLittle = ({ sets, dose }: Pick<PastExercise, 'sets' | 'dose'>): number | null => {
  const work = sets.filter(({ kind, endedBy }) => kind === 'work' && endedBy !== 'interrupted' && endedBy !== 'grip');
  const reports = work.flatMap((set: SetRecord) => (set.endedBy === 'failure' ? 0 : (set.reserve ?? [])));
  if (reports.length < SPENT.reports) return null;
  const mean = reports.reduce((sum, left) => sum + left, 0) / reports.length;
  return mean < dose.reserve - SPENT.by ? Math.round(mean * 10) / 10 : null;
};

/**
 * Who is to be careful is taken at their word: sets said to leave well less than asked hold every rise of load, sets and
 * setting, whatever the belief makes of such reports; two sessions running ask for fewer reps, else ease a step.
 */
export const spent: SecondLook = {
  id: 'spent',
  look: (outcome, log, done) => {
    if (outcome.verdict === 'ease-back' || outcome.isReturn || log.dose.seconds !== undefined) return null;
    const cause = carefulCause(log);
    const left = cause === null ? null : leftTooLittle(log);
    if (cause === null || left === null) return null;
    const before = [...log.past].sort((a, b) => b.day - a.day)[0];
    const sessions = before && leftTooLittle(before) !== null ? SPENT.sessions : 1;
    const why = reason('spent', { left, target: log.dose.reserve, sessions, cause }, 'house-default');
    const less = sessions >= SPENT.sessions ? eased(outcome, log, done, Math.ceil(log.dose.reserve - left), why) : null;
    if (less) return less;
    return outcome.verdict === 'move-up'
      ? { ...stay(log, { load: heldLoad(log, done) }, [...outcome.reasons, why]), memory: outcome.memory }
      : null;
  },
};

const eased = (
  outcome: Outcome,
  log: ExerciseLog,
  done: WorkDone,
  missing: number,
  why: Outcome['reasons'][number],
): Outcome | null => {
  const from = plannedReps(log.dose);
  const to = Math.max(log.dose.repsLow, from - missing);
  if (to === from) {
    const step = easeOneStep(log, done.load);
    return step.change === null ? null : asEased(step, [...outcome.reasons, why]);
  }
  return {
    verdict: 'ease-back',
    change: { lever: 'reps', from, to },
    dose: { ...log.dose, load: heldLoad(log, done), repsAim: to, repsBeyond: Math.max(0, to - log.dose.repsHigh) },
    reasons: [...outcome.reasons, why, reason('aim-down', { from, to }, 'common-practice')],
    memory: outcome.memory,
  };
};
