import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One dumbbell on the hips, held with both hands. */
export const dumbbellHipThrust = {
  ...THRUST,
  id: 'dumbbell-hip-thrust',
  name: 'Dumbbell hip thrust',
  aliases: ['weighted hip thrust'],
  kneeShare: 0.05,
  emphasis: { glutes: 0.95, hamstrings: 0.4 },
  loadPositions: ['hips'],
  kit: [['bench'], ['dumbbell', 'kettlebell']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'load-position', way: 'easier', variationId: 'hip-thrust' },
    { lever: 'load-position', way: 'harder', variationId: 'barbell-hip-thrust' },
  ],
  unloadedAllowed: false,
  firstLoadShare: { novice: 0.15, trained: 0.35 },
  setUpSeconds: 45,
  cues: ['Ribs down, chin tucked', 'Weight in the crease of the hips', 'Trunk level, no higher'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'felt-in-low-back', 'knees-cave', 'range-short'],
  cautions: ['Bench against a wall.', 'Pad under the weight.'],
  traits: ['hip-bar', 'two-leg-symmetric'],
  prerequisites: ['hip-thrust'],
  figure: { maker: 'bridge', benchCm: 40, legs: 'two', arms: 'on-hips', implement: { piece: 'dumbbell', at: 'hips' } },
} as const satisfies Variation;
