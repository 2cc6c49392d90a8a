import type { TempoPhase } from '@drubo/core';

/** What the pacer calls the four phases. */
export const PHASE_WORDS: Record<TempoPhase, string> = {
  lowering: 'down',
  bottom: 'hold low',
  lifting: 'up',
  top: 'hold high',
};

export const PHASE_ORDER = ['lowering', 'bottom', 'lifting', 'top'] as const satisfies readonly TempoPhase[];
