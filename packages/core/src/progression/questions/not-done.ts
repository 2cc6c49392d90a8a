import { mustBeLoaded } from '../../catalogue';
import { doubtsOf, isDoubtful } from '../../log';
import { isSameMass } from '../../kit';
import { reason } from '../../vocabulary';
import { asEased, easeOneStep } from '../ease';
import { isFailedFeeler } from '../failed-feeler';
import type { Question } from '../types';

/**
 * Nothing that can be judged was logged: the same dose stands, unless the last feeler says that the lift isn't there yet.
 * Pain logged elsewhere is asked first.
 */
export const notDone: Question = {
  id: 'done',
  ask: (log, done) => {
    const { dose, sets, variation } = log;
    const isLoaded = mustBeLoaded(variation);
    if (done.rows.length > 0 || (dose.seconds !== undefined && sets.some(({ seconds }) => seconds !== null))) return null;
    const failed = sets.at(-1);
    if (failed && isFailedFeeler(failed)) {
      const said = { sets: sets.filter(({ kind }) => kind === 'feeler').length, loadKg: failed.externalKg };
      const from = log.loads.find(({ externalKg }) => isSameMass(externalKg, failed.externalKg)) ?? dose.load;
      return asEased(easeOneStep(log, from, true), [reason('feelers-not-done', said, 'house-default')]);
    }
    const doubtful = sets.find((set) => isDoubtful(set, isLoaded));
    const why = doubtful
      ? reason('set-doubtful', { setIndex: doubtful.setIndex, field: doubtsOf(doubtful, isLoaded)[0] ?? '' }, 'house-default')
      : reason('not-done', {}, 'house-default');
    return { verdict: 'same-again', change: null, dose, reasons: [why] };
  },
};
