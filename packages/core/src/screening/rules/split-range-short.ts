import { forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Can't get down to the floor pad, or pushes off the back leg: a raised pad. */
export const splitRangeShort: ScreeningRule = {
  id: 'split-range-short',
  basis: 'common-practice',
  evaluate(seen) {
    const effects = () => [start('lunge', 'to-pad'), lookAgain(4)];
    return [
      ...forFault(this, seen, ['split-left', 'split-right'], 'range-short', effects),
      ...forFault(this, seen, ['split-left', 'split-right'], 'pushes-from-the-back-leg', effects),
      ...forFault(this, seen, ['split-left', 'split-right'], 'front-heel-lifts', effects),
    ];
  },
};
