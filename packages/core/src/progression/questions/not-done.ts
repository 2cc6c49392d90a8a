import { reason } from '../../vocabulary';
import type { Question } from '../types';

/** Nothing was logged: nothing can be concluded, so the same dose stands. Pain logged elsewhere is asked first. */
export const notDone: Question = {
  id: 'not-done',
  ask: ({ dose }, done) =>
    done.rows.length > 0
      ? null
      : { verdict: 'same-again', change: null, dose, reasons: [reason('not-done', {}, 'house-default')] },
};
