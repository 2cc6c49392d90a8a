import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Wobbles in a split stance: support and a raised pad first. */
export const splitWobbles: ScreeningRule = {
  id: 'split-wobbles',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['split-left', 'split-right'], 'wobble', () => [
      start('lunge', 'to-pad'),
      { kind: 'aid', ladderId: 'lunge', lever: 'support', value: 'one-hand' },
      drill('tandem-stance'),
      lookAgain(4),
    ]);
  },
};
