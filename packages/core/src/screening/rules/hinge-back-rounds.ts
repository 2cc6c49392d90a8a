import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** The back moves in an unloaded hinge: learn it on hands and knees, then with a stick. */
export const hingeBackRounds: ScreeningRule = {
  id: 'hinge-back-rounds',
  basis: 'common-practice',
  evaluate(seen) {
    const effects = () => [start('two-leg-hinge', 'stick'), drill('rock-back'), lookAgain(3)];
    return [
      ...forFault(this, seen, ['hinge'], 'low-back-rounds', effects),
      ...forFault(this, seen, ['hinge'], 'back-moves-into-rounding', effects),
    ];
  },
};
