import { THRUST } from '../bases';
import { FEET_UP, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Feet on a second bench: more range. Closer and closer, then one leg. */
export const feetUpHipThrust = {
  ...THRUST,
  id: 'feet-up-hip-thrust',
  name: 'Feet-up hip thrust',
  aliases: ['two-bench hip thrust'],
  kneeShare: 0,
  emphasis: { glutes: 0.95, hamstrings: 0.65 },
  loadPositions: ['hips'],
  firstLoadShare: { novice: 0, trained: 0.3 },
  kit: [['bench'], ['second-bench']],
  levers: [FEET_UP, FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'base', way: 'harder', variationId: 'feet-up-one-leg-hip-thrust' }],
  repRange: { low: 8, high: 15 },
  setUpSeconds: 60,
  cues: ['Heels heavy', 'Lower all the way', 'Ribs down'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'low-back-over-arches', 'range-short'],
  cautions: ['Neither bench may slide.'],
  traits: ['two-leg-symmetric'],
  prerequisites: ['hip-thrust'],
  figure: { maker: 'bridge', benchCm: 40, feetCm: 30, legs: 'two', arms: 'folded' },
} as const satisfies Variation;
