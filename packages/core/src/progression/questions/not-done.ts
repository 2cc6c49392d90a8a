import { mustBeLoaded } from '../../catalogue';
import { doubtsOf, isDoubtful } from '../../log';
import { reason } from '../../vocabulary';
import type { Question } from '../types';

/** Nothing that can be judged was logged: the same dose stands. Pain logged elsewhere is asked first. */
export const notDone: Question = {
  id: 'done',
  ask: ({ dose, sets, variation }, done) => {
    const isLoaded = mustBeLoaded(variation);
    if (done.rows.length > 0 || (dose.seconds !== undefined && sets.some(({ seconds }) => seconds !== null))) return null;
    const doubtful = sets.find((set) => isDoubtful(set, isLoaded));
    const why = doubtful
      ? reason('set-doubtful', { setIndex: doubtful.setIndex, field: doubtsOf(doubtful, isLoaded)[0] ?? '' }, 'house-default')
      : reason('not-done', {}, 'house-default');
    return { verdict: 'same-again', change: null, dose, reasons: [why] };
  },
};
