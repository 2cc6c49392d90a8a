import type { TempoPhase } from '@drubo/core';
import { figuresWords } from '@drubo/words/screens/figures';

const words = figuresWords.phaseWords;

/** What the pacer calls the four phases. */
export const PHASE_WORDS: Record<TempoPhase, string> = words.phaseWords;

export const PHASE_ORDER = ['lowering', 'bottom', 'lifting', 'top'] as const satisfies readonly TempoPhase[];
