import type { Variation } from '../catalogue/types';
import type { LeverId, LeverValue, Tempo } from '../vocabulary';

/** Seconds of the named notches of the tempo setting. Common practice: one notch slower is a second or two on one phase. */
const SLOW_LOWERING_SECONDS = 4;
const PAUSE_SECONDS = 2;
const THREE = 3;

/**
 * The tempo after one notch on a setting that is a matter of time: the tempo setting itself, or a hold on top. Other
 * settings leave it as it was. "3 s each way with a 3 s hold" holds at the hard end, which the variation names.
 * @example tempoAfter(gobletSquat, tempo, 'tempo', 'pause') // 2 s at the bottom
 */
export const tempoAfter = (variation: Pick<Variation, 'startsAt'>, tempo: Tempo, lever: LeverId, value: LeverValue): Tempo => {
  if (lever === 'top-hold') return { ...tempo, top: typeof value === 'number' ? value : 0 };
  if (lever !== 'tempo') return tempo;
  const hard = variation.startsAt === 'bottom' ? 'top' : 'bottom';
  switch (value) {
    case 'slow-lowering':
      return { ...tempo, lowering: SLOW_LOWERING_SECONDS };
    case 'pause':
      return { ...tempo, [hard]: PAUSE_SECONDS };
    case 'three-each':
      return { lowering: THREE, bottom: 0, lifting: THREE, top: 0, [hard]: THREE };
    default:
      return tempo;
  }
};
