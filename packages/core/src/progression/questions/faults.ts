import { reason } from '../../vocabulary';
import { easeOneStep } from '../ease';
import type { Question } from '../types';

/** A dangerous fault takes one step off; one that breaks the set keeps the dose. Notes are only recorded. */
export const faults: Question = {
  id: 'faults',
  ask: (log, done) => {
    const seen = log.sets.flatMap((set) => set.faults.map((fault) => ({ ...fault, setIndex: set.setIndex })));
    const dangerous = seen.find((fault) => fault.severity === 'dangerous');
    if (dangerous) {
      const why = reason('fault-dangerous', { faultId: dangerous.id, setIndex: dangerous.setIndex }, 'common-practice');
      const { dose, change, reasons } = easeOneStep(log, done.load);
      return { verdict: 'ease-back', change, dose, reasons: [why, ...reasons] };
    }
    const breaking = seen.find((fault) => fault.severity === 'breaks');
    if (breaking) {
      const why = reason('fault-breaks', { faultId: breaking.id, setIndex: breaking.setIndex }, 'common-practice');
      return { verdict: 'same-again', change: null, dose: { ...log.dose, load: done.load }, reasons: [why] };
    }
    const unclean = done.rows.find((row) => row.clean === 'no');
    if (!unclean) return null;
    const why = reason('not-clean', { setIndex: unclean.setIndex }, 'common-practice');
    return { verdict: 'same-again', change: null, dose: { ...log.dose, load: done.load }, reasons: [why] };
  },
};
