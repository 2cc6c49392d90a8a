import { forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Can't come down: support or a box first. */
export const squatRangeShort: ScreeningRule = {
  id: 'squat-range-short',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['squat-side'], 'range-short', () => [start('two-leg-squat', 'chair-no-hands'), lookAgain(4)]);
  },
};
