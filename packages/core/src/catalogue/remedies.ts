import type { Remedy } from './faults';
import { getFault } from './faults';
import { hasPlaces } from './places';
import type { Variation } from './types';
import type { FaultId } from '../vocabulary';

/** Aids that need nothing of the variation; `lighter` needs a load. */
const isLoadable = ({ loadPositions }: Variation): boolean => loadPositions.some((position) => position !== 'none');

const applies = (variation: Variation, remedy: Remedy): boolean => {
  switch (remedy.kind) {
    case 'lever':
      return variation.levers.some(({ lever }) => lever === remedy.lever);
    case 'load-position':
      // A place it has is one to go to only where that is a setting of it.
      return (
        isLoadable(variation) &&
        variation.loadPositions[0] !== remedy.to &&
        variation.loadPositions[0] !== 'overhead' &&
        (hasPlaces(variation) || !variation.loadPositions.includes(remedy.to))
      );
    case 'aid':
      return remedy.aid !== 'lighter' || isLoadable(variation);
    case 'variation':
      return remedy.variationId !== variation.id;
  }
};

/**
 * What can be done about a fault on this variation, in order: only levers it has, only loads it carries.
 * @example remediesFor(gobletSquat, 'heels-lift') // heel lift, wedge, box
 */
export const remediesFor = (variation: Variation, faultId: FaultId): Remedy[] =>
  getFault(faultId).remedies.filter((remedy) => applies(variation, remedy));
