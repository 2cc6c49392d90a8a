import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Knees cave without any load: side-hip drills, and no load held before it is gone. */
export const squatKneesCave: ScreeningRule = {
  id: 'squat-knees-cave',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['squat-front'], 'knees-cave', () => [
      start('two-leg-squat', 'box'),
      drill('clam'),
      drill('lateral-band-walk'),
      lookAgain(4),
    ]);
  },
};
