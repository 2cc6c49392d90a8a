import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One foot farther away on its heel. */
export const staggeredHipThrust = {
  ...THRUST,
  id: 'staggered-hip-thrust',
  name: 'Staggered hip thrust',
  aliases: ['B-stance hip thrust'],
  kneeShare: 0.05,
  emphasis: { glutes: 0.95, hamstrings: 0.45, 'side-hip': 0.3 },
  loadPositions: ['hips'],
  firstLoadShare: { novice: 0.1, trained: 0.4 },
  kit: [['bench']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'base', way: 'easier', variationId: 'hip-thrust' },
    { lever: 'base', way: 'harder', variationId: 'one-leg-hip-thrust' },
  ],
  stance: 'staggered',
  setUpSeconds: 60,
  cues: ['Near heel does the work', 'Hips level', 'Ribs down'],
  faults: ['hips-twist', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Bench against a wall.'],
  prerequisites: ['hip-thrust'],
  figure: { maker: 'bridge', benchCm: 40, legs: 'staggered', arms: 'folded' },
} as const satisfies Variation;
