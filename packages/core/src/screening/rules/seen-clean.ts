import { reason } from '../../vocabulary';
import type { ScreeningTaskId } from '../../vocabulary';
import { isClean } from '../seen';
import type { ScreeningRule } from '../types';

const TASKS: readonly ScreeningTaskId[] = ['squat-side', 'squat-front', 'hinge', 'split-left', 'split-right', 'bridge'];

/** Clean: nothing holds the usual start back. Said, because it was looked at. */
export const seenClean: ScreeningRule = {
  id: 'seen-clean',
  basis: 'common-practice',
  evaluate(seen) {
    return TASKS.filter((task) => isClean(seen, task)).map((task) => ({
      rule: this.id,
      reason: reason('seen-clean', { task }, this.basis),
      effects: [],
    }));
  },
};
