import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Hips don't open fully: strength or a tight front of the hip. Two legs on the floor, and the stretch beside it. */
export const bridgeNoExtension: ScreeningRule = {
  id: 'bridge-no-extension',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['bridge'], 'no-full-hip-extension', () => [
      start('glute-bridge', 'floor'),
      drill('half-kneeling-hip-flexor-stretch'),
      lookAgain(4),
    ]);
  },
};
