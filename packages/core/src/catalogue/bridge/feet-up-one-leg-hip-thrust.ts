import { THRUST } from '../bases';
import { FEET_UP, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One foot on the second bench, the other knee up. */
export const feetUpOneLegHipThrust = {
  ...THRUST,
  id: 'feet-up-one-leg-hip-thrust',
  name: 'Feet-up one-leg hip thrust',
  aliases: ['two-bench one-leg thrust'],
  kneeShare: 0,
  emphasis: { glutes: 1, hamstrings: 0.7, 'side-hip': 0.4 },
  loadPositions: ['none'],
  kit: [['bench'], ['second-bench']],
  levers: [FEET_UP, FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'base', way: 'easier', variationId: 'feet-up-hip-thrust' }],
  stance: 'one-leg',
  repRange: { low: 6, high: 12 },
  setUpSeconds: 60,
  firstLoadShare: { novice: 0, trained: 0 },
  cues: ['Hips level', 'Heel heavy', 'Slow all the way down'],
  faults: ['hips-twist', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Neither bench may slide.'],
  traits: ['one-leg-unsupported'],
  prerequisites: ['feet-up-hip-thrust'],
  figure: { maker: 'bridge', benchCm: 40, feetCm: 30, legs: 'one-raised', arms: 'folded' },
} as const satisfies Variation;
