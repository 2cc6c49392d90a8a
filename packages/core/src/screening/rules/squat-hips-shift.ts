import { drill, forFault, lookAgain } from '../seen';
import type { ScreeningRule } from '../types';

/** Hips go to one side: a side difference or the stance. Staggered work tells which. */
export const squatHipsShift: ScreeningRule = {
  id: 'squat-hips-shift',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['squat-front'], 'hips-shift', () => [drill('ninety-ninety'), lookAgain(4)]);
  },
};
