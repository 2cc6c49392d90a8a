import { reason, SCREENING_TASKS } from '../../vocabulary';
import type { ScreeningTaskId } from '../../vocabulary';
import { lookAgain, start } from '../seen';
import type { Effect, ScreeningRule } from '../types';

/** The rungs below what hurt, by task: from 1 the range below, from 4 the easiest there is. House default. */
const BELOW: Partial<Record<ScreeningTaskId, { mild: readonly Effect[]; strong: readonly Effect[] }>> = {
  'squat-side': { mild: [start('two-leg-squat', 'box')], strong: [start('two-leg-squat', 'chair')] },
  'squat-front': { mild: [start('two-leg-squat', 'box')], strong: [start('two-leg-squat', 'chair')] },
  hinge: { mild: [start('two-leg-hinge', 'wall-tap')], strong: [start('two-leg-hinge', 'rock-back')] },
  'split-left': { mild: [start('lunge', 'to-pad')], strong: [start('lunge', 'rock')] },
  'split-right': { mild: [start('lunge', 'to-pad')], strong: [start('lunge', 'rock')] },
  bridge: { mild: [start('glute-bridge', 'floor')], strong: [start('glute-bridge', 'floor')] },
  'one-leg-left': { mild: [start('one-leg-squat', 'low-step')], strong: [start('one-leg-squat', 'low-step')] },
  'one-leg-right': { mild: [start('one-leg-squat', 'low-step')], strong: [start('one-leg-squat', 'low-step')] },
};
const STRONG_FROM = 4;

/** Pain in a task: the range below it, and a limit on the place. */
export const painSeen: ScreeningRule = {
  id: 'pain-seen',
  basis: 'common-practice',
  evaluate(seen) {
    return SCREENING_TASKS.flatMap((task) =>
      (seen.tasks[task]?.pains ?? [])
        .filter(({ severity }) => severity > 0)
        .map(({ limit, side, severity }) => ({
          rule: this.id,
          reason: reason('seen-pain', { task, limit, side, severity }, this.basis),
          effects: [
            ...(BELOW[task]?.[severity >= STRONG_FROM ? 'strong' : 'mild'] ?? []),
            { kind: 'limit', limit, side, severity } as const,
            lookAgain(2),
          ],
        })),
    );
  },
};
