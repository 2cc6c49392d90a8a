import { PAIN_BANDS, painBand } from '../../limits';
import { reason } from '../../vocabulary';
import { easeOneStep } from '../ease';
import type { Question } from '../types';

/** Safety first: above 5 leaves the exercise out, 3 to 5 or a set ended by pain takes one step off. */
export const pain: Question = {
  id: 'pain',
  ask: (log, done) => {
    const numbers = log.sets.map((set) => set.jointPain).filter((value): value is number => value !== null);
    const worst = numbers.length > 0 ? Math.max(...numbers) : null;
    const band = painBand(worst);
    if (worst !== null && band === 'stop') {
      const values = { pain: worst, limit: PAIN_BANDS.acceptableUpTo };
      const reasons = [reason('pain-stop', values, 'pain-monitoring-thomee')];
      return { verdict: 'leave-out', change: null, dose: log.dose, reasons };
    }
    const endedByPain = log.sets.find((set) => set.endedBy === 'pain');
    if (band !== 'ease' && !endedByPain) return null;
    const why =
      worst !== null && band === 'ease'
        ? reason('pain-ease', { pain: worst, limit: PAIN_BANDS.safeUpTo }, 'pain-monitoring-thomee')
        : reason('pain-ended', { setIndex: endedByPain?.setIndex ?? 0 }, 'common-practice');
    const { dose, change, reasons } = easeOneStep(log, done.load);
    return { verdict: 'ease-back', change, dose, reasons: [why, ...reasons] };
  },
};
