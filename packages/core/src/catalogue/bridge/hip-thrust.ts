import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Shoulder blades on a padded bench, nothing on the hips. */
export const hipThrust = {
  ...THRUST,
  id: 'hip-thrust',
  name: 'Hip thrust',
  aliases: ['bench hip thrust', 'bodyweight thrust'],
  kneeShare: 0.05,
  emphasis: { glutes: 0.95, hamstrings: 0.4, 'front-thigh': 0.2 },
  loadPositions: ['none'],
  kit: [['bench']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'load-position', way: 'harder', variationId: 'dumbbell-hip-thrust' },
    { lever: 'base', way: 'harder', variationId: 'staggered-hip-thrust' },
  ],
  repRange: { low: 10, high: 15 },
  firstLoadShare: { novice: 0, trained: 0 },
  setUpSeconds: 30,
  cues: ['Ribs down, chin tucked', 'Heels under the knees at the top', 'Trunk level, no higher'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'felt-in-low-back', 'knees-cave', 'range-short'],
  cautions: ['Bench against a wall.'],
  traits: ['two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: { maker: 'bridge', benchCm: 40, legs: 'two', arms: 'folded' },
} as const satisfies Variation;
