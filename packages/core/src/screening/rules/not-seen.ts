import { reason, SCREENING_TASKS } from '../../vocabulary';
import type { ScreeningTaskId } from '../../vocabulary';
import { start } from '../seen';
import type { Effect, ScreeningRule } from '../types';

/** Where a pattern starts that was looked for and couldn't be judged: one rung lower, with nothing assumed. House default. */
const CAREFUL: Partial<Record<ScreeningTaskId, readonly Effect[]>> = {
  'squat-side': [start('two-leg-squat', 'box')],
  'squat-front': [start('two-leg-squat', 'box')],
  hinge: [start('two-leg-hinge', 'bell')],
  'split-left': [start('lunge', 'to-pad')],
  'split-right': [start('lunge', 'to-pad')],
  bridge: [start('glute-bridge', 'floor')],
};

/** Couldn't be judged, or was skipped: unknown is never read as good. */
export const notSeen: ScreeningRule = {
  id: 'not-seen',
  basis: 'house-default',
  evaluate(seen) {
    return SCREENING_TASKS.filter((task) => (seen.tasks[task]?.state ?? 'judged') !== 'judged').map((task) => ({
      rule: this.id,
      reason: reason('not-seen', { task }, this.basis),
      effects: CAREFUL[task] ?? [],
    }));
  },
};
