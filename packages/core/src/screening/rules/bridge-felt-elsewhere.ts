import { drill, forFault, start } from '../seen';
import type { ScreeningRule } from '../types';

/** Felt in the low back or the hamstrings: feet in, tail under. */
export const bridgeFeltElsewhere: ScreeningRule = {
  id: 'bridge-felt-elsewhere',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['bridge'], 'felt-in-low-back', () => [
      start('glute-bridge', 'floor'),
      { kind: 'aid', ladderId: 'glute-bridge', lever: 'foot-distance', value: -6 },
      drill('dead-bug'),
    ]);
  },
};
