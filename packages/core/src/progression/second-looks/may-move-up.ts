import { PAIN_BANDS } from '../../limits';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { stay } from '../stay';
import type { ExerciseLog, SecondLook, WorkDone } from '../types';
import { worstPain } from '../worst-pain';

/** New pain from here on never moves up. */
const NEW_PAIN_FROM = 3;

/**
 * What stands against moving up though the work was done: too sore today, painkillers, pain not asked with a limit there, new or rising
 * pain, pain not known to have settled by morning, sets nobody judged clean, or a set that can't be right.
 */
export const mayMoveUp: SecondLook = {
  id: 'may-move-up',
  look: (outcome, log, done) => {
    if (outcome.verdict !== 'move-up') return null;
    const why = against(log, done);
    return why ? stay(log, done, [...outcome.reasons, why]) : null;
  },
};

const against = (log: ExerciseLog, done: WorkDone): Reason | null => {
  const [held] = log.holds ?? [];
  if (held) return held;
  const { pain, limits } = log.context;
  const worst = worstPain(log);
  if (pain.painkillers) return reason('painkillers', {}, 'common-practice');
  if (worst === null && limits.length > 0) return reason('pain-not-asked', { limits: limits.length }, 'common-practice');
  if (worst !== null && worst > 0) {
    if (pain.clearedUpTo === null && worst >= NEW_PAIN_FROM) {
      return reason('pain-new', { pain: worst, limit: PAIN_BANDS.safeUpTo }, 'common-practice');
    }
    if (pain.lastTime !== null && worst > pain.lastTime) {
      return reason('pain-rose', { from: pain.lastTime, to: worst }, 'pain-monitoring-thomee');
    }
    if (pain.settledByMorning === false) return reason('pain-not-settled', { pain: worst }, 'pain-monitoring-thomee');
    if (pain.settledByMorning === null && (limits.length > 0 || worst > PAIN_BANDS.safeUpTo)) {
      return reason('pain-morning-unknown', { pain: worst }, 'pain-monitoring-thomee');
    }
  }
  const unjudged = done.rows.find((row) => row.clean === 'not-judged');
  return unjudged ? reason('clean-not-judged', { setIndex: unjudged.setIndex }, 'house-default') : null;
};
