import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** The back rounds at the bottom: depth beyond control. A box gives the depth, and the rock-back teaches it. */
export const squatBackRounds: ScreeningRule = {
  id: 'squat-back-rounds',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['squat-side'], 'low-back-rounds', () => [
      start('two-leg-squat', 'box'),
      { kind: 'aid', ladderId: 'two-leg-squat', lever: 'box-height', value: 45 },
      drill('rock-back'),
      lookAgain(4),
    ]);
  },
};
