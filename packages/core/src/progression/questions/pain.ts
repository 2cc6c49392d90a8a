import { PAIN_BANDS, PAIN_RISE_STOPS, painBand } from '../../limits';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { easeOneStep } from '../ease';
import type { ExerciseLog, Question } from '../types';
import { worstPain } from '../worst-pain';

/** Cleared and settled pain up to here is borne. */
const BORNE_UP_TO = 3;

/**
 * Safety first: above 5, or up by 2 from the day's start, leaves the exercise out; 3 to 5 or a set ended by pain takes
 * one step off. Known pain up to 3 (or as far as the clearance goes) that is no worse
 * than at the start is borne.
 */
export const pain: Question = {
  id: 'pain',
  ask: (log, done) => {
    const worst = worstPain(log);
    const why = stops(log, worst);
    if (why) return { verdict: 'leave-out', change: null, dose: log.dose, reasons: [why] };
    const ease = eases(log, worst);
    if (!ease) return null;
    const eased = easeOneStep(log, done.load);
    return { ...eased, verdict: 'ease-back', reasons: [ease, ...eased.reasons] };
  },
};

const stops = ({ context }: ExerciseLog, worst: number | null): Reason | null => {
  if (worst === null) return null;
  const { atStart } = context.pain;
  if (painBand(worst) === 'stop') {
    return reason('pain-stop', { pain: worst, limit: PAIN_BANDS.acceptableUpTo }, 'pain-monitoring-thomee');
  }
  if (atStart !== null && worst - atStart >= PAIN_RISE_STOPS)
    return reason('pain-rose', { from: atStart, to: worst }, 'common-practice');
  return null;
};

const eases = ({ context, sets }: ExerciseLog, worst: number | null): Reason | null => {
  const { clearedUpTo, atStart } = context.pain;
  const ended = sets.find((set) => set.endedBy === 'pain');
  if (ended && worst === null) return reason('pain-ended', { setIndex: ended.setIndex }, 'common-practice');
  if (worst === null) return null;
  const borne = clearedUpTo !== null && worst <= Math.max(BORNE_UP_TO, clearedUpTo) && (atStart === null || worst <= atStart);
  if (painBand(worst) === 'ease' && !(borne && !ended)) {
    return reason('pain-ease', { pain: worst, limit: PAIN_BANDS.safeUpTo }, 'pain-monitoring-thomee');
  }
  return ended ? reason('pain-ended', { setIndex: ended.setIndex }, 'common-practice') : null;
};
