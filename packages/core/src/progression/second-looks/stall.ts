import { reason } from '../../vocabulary';
import type { Goal } from '../../vocabulary';
import { easeOneStep } from '../ease';
import { likeSessions, withoutProgress } from '../progress';
import type { ExerciseLog, Outcome, SecondLook, WorkDone } from '../types';

/** Sessions without progress before the range changes, and before a lighter week. Basis: common practice. */
const STALL = { range: 3, lighter: 6, repsOff: 2, setsShare: 0.6 } as const;
/** Goals for which staying put is success. */
const STAYING_IS_SUCCESS = new Set<Goal>(['fat-loss-and-capacity']);

/**
 * Three sessions without more load or reps, under like conditions: another rep range; three more: a lighter week. For
 * fat loss and capacity staying put is success and nothing changes.
 */
export const stall: SecondLook = {
  id: 'stall',
  look: (outcome, log, done) => {
    // On a ladder the gate sets the reps: another range would lead away from it.
    if (outcome.verdict !== 'same-again' || outcome.change !== null || log.method === 'ladder-gate') return null;
    const sessions = withoutProgress(likeSessions(log));
    if (sessions < STALL.range) return null;
    const { goal } = log.context.person;
    if (STAYING_IS_SUCCESS.has(goal)) {
      const why = reason('staying-is-success', { goal, sessions }, 'common-practice');
      return { ...outcome, reasons: [...outcome.reasons, why] };
    }
    return sessions >= STALL.lighter ? lighter(outcome, log, done, sessions) : otherRange(outcome, log, sessions);
  },
};

const otherRange = (outcome: Outcome, { dose }: ExerciseLog, sessions: number): Outcome | null => {
  // Fewer reps a set; a range already low goes up instead.
  const isLow = dose.repsLow <= 4;
  const shift = isLow ? STALL.repsOff : -STALL.repsOff;
  const repsLow = Math.max(1, dose.repsLow + shift);
  const repsHigh = Math.max(repsLow, dose.repsHigh + shift);
  const why = reason('stall-range', { sessions, repsLow, repsHigh }, 'common-practice');
  return {
    ...outcome,
    change: { lever: 'reps', from: dose.repsHigh, to: repsHigh },
    dose: { ...outcome.dose, repsLow, repsHigh, repsBeyond: 0, repsAim: undefined },
    reasons: [...outcome.reasons, why],
  };
};

const lighter = (outcome: Outcome, log: ExerciseLog, done: WorkDone, sessions: number): Outcome => {
  const sets = Math.max(1, Math.round(log.dose.sets * STALL.setsShare));
  const eased = sets < log.dose.sets ? { dose: { ...outcome.dose, sets } } : easeOneStep(log, done.load);
  const loadKg = eased.dose.load.externalKg;
  return {
    verdict: 'ease-back',
    change: { lever: 'sets', from: log.dose.sets, to: sets },
    dose: eased.dose,
    reasons: [...outcome.reasons, reason('stall-lighter', { sessions, sets, loadKg }, 'common-practice')],
  };
};
