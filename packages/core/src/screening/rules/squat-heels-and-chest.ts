import { reason } from '../../vocabulary';
import { drill, lookAgain, shows, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Heels up and chest down together: the ankle is short and nothing balances the hips. Both aids, and the rung with a counterweight. */
export const squatHeelsAndChest: ScreeningRule = {
  id: 'squat-heels-and-chest',
  basis: 'common-practice',
  evaluate(seen) {
    if (!shows(seen, 'squat-side', 'heels-lift') || !shows(seen, 'squat-side', 'chest-falls')) return [];
    return [
      {
        rule: this.id,
        reason: reason('seen-both', { task: 'squat-side', fault: 'heels-lift', other: 'chest-falls' }, this.basis),
        effects: [
          start('two-leg-squat', 'counterweight'),
          { kind: 'aid', ladderId: 'two-leg-squat', lever: 'heel-lift', value: 25 },
          { kind: 'aid', ladderId: 'two-leg-squat', lever: 'counterweight', value: 5 },
          drill('ankle-rock'),
          lookAgain(4),
        ],
      },
    ];
  },
};
