import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** One hip hangs in a bridge: both legs stay down until it is level. */
export const bridgeHipDrops: ScreeningRule = {
  id: 'bridge-hip-drops',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['bridge'], 'hip-drops', () => [
      start('glute-bridge', 'floor'),
      drill('side-lying-abduction'),
      lookAgain(4),
    ]);
  },
};
