import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** The front knee falls in: back to rocking in the stance, with side-hip drills. */
export const splitKneeCaves: ScreeningRule = {
  id: 'split-knee-caves',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['split-left', 'split-right'], 'knees-cave', () => [
      start('lunge', 'rock'),
      drill('clam'),
      lookAgain(4),
    ]);
  },
};
