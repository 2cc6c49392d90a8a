import { drill, forFault, lookAgain, shows, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Chest alone: nothing balances the hips going back. A counterweight, and the rung that has one. */
export const squatChestFalls: ScreeningRule = {
  id: 'squat-chest-falls',
  basis: 'common-practice',
  evaluate(seen) {
    if (shows(seen, 'squat-side', 'heels-lift')) return [];
    return forFault(this, seen, ['squat-side'], 'chest-falls', () => [
      start('two-leg-squat', 'counterweight'),
      { kind: 'aid', ladderId: 'two-leg-squat', lever: 'counterweight', value: 5 },
      drill('deep-squat-hold'),
      lookAgain(4),
    ]);
  },
};
