import { drill, forFault } from '../seen';
import type { ScreeningRule } from '../types';

/** Ribs and pelvis apart: learn to bring them together before the load goes over the head or on the back. */
export const squatBackArches: ScreeningRule = {
  id: 'squat-back-arches',
  basis: 'common-practice',
  evaluate(seen) {
    return forFault(this, seen, ['squat-side', 'hinge'], 'low-back-over-arches', () => [drill('dead-bug')]);
  },
};
