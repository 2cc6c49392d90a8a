import { drill, forFault, lookAgain, shows } from '../seen';
import type { ScreeningRule } from '../types';

/** Heels alone: the ankle runs out of range. Raise the heels and work on the ankle beside it; the rung stays. */
export const squatHeelsLift: ScreeningRule = {
  id: 'squat-heels-lift',
  basis: 'common-practice',
  evaluate(seen) {
    if (shows(seen, 'squat-side', 'chest-falls')) return [];
    return forFault(this, seen, ['squat-side'], 'heels-lift', () => [
      { kind: 'aid', ladderId: 'two-leg-squat', lever: 'heel-lift', value: 25 },
      drill('ankle-rock'),
      lookAgain(6),
    ]);
  },
};
