import { reason } from '../../vocabulary';
import { stay } from '../stay';
import type { Question } from '../types';

/**
 * Made shorter or easier on purpose, for time or by the check-in: what was not asked for is not held against anybody,
 * and what was eased for a day says nothing of the next. The usual dose comes back.
 */
export const cutShort: Question = {
  id: 'cut',
  ask: (log, done) => {
    const { cut, dose, memory } = log;
    if (memory?.loan) return stay(log, log.usual ? { load: log.usual.load } : done, [reason('loan-over', {}, 'house-default')]);
    // Left because the sets fell short: nothing was spared, and what was logged speaks for itself.
    if (!cut || cut.because === 'short') return null;
    if (cut.isEased) {
      // A lift nobody had done before has no usual load yet: the one that was found today stands.
      const usual = log.past.length === 0 ? done : dose;
      return stay(log, usual, [reason('eased-today', { cause: cut.because }, 'common-practice')]);
    }
    if (cut.sets >= dose.sets || done.completeSets >= dose.sets) return null;
    const values = { sets: done.completeSets, planned: dose.sets, cause: cut.because };
    return stay(log, done, [reason('sets-cut', values, 'common-practice')]);
  },
};
