import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Wobbles or drops a hip on one leg: the lowest step with a hand on something, and balance drills. */
export const oneLegUnsteady: ScreeningRule = {
  id: 'one-leg-unsteady',
  basis: 'common-practice',
  evaluate(seen) {
    const tasks = ['one-leg-left', 'one-leg-right'] as const;
    const effects = () => [
      start('one-leg-squat', 'low-step'),
      start('one-leg-hinge', 'staggered'),
      drill('tandem-stance'),
      drill('hip-hike'),
      lookAgain(4),
    ];
    return [
      ...forFault(this, seen, tasks, 'wobble', effects),
      ...forFault(this, seen, tasks, 'hip-drops', effects),
      ...forFault(this, seen, tasks, 'knees-cave', effects),
    ];
  },
};
