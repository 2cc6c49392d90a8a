import { forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** A hinge that stops high: a bell between the feet before anything hangs along the legs. */
export const hingeRangeShort: ScreeningRule = {
  id: 'hinge-range-short',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['hinge'], 'range-short', () => [start('two-leg-hinge', 'belly'), lookAgain(4)]);
  },
};
