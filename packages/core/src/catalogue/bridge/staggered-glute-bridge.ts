import { BRIDGE } from '../bases';
import { BRIDGE_ARMS, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One foot a little farther away on its heel: more on the near one. */
export const staggeredGluteBridge = {
  ...BRIDGE,
  id: 'staggered-glute-bridge',
  name: 'Staggered glute bridge',
  aliases: ['B-stance bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.9, hamstrings: 0.5, 'side-hip': 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [FOOT_DISTANCE, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'base', way: 'easier', variationId: 'glute-bridge' },
    { lever: 'base', way: 'harder', variationId: 'one-leg-glute-bridge' },
  ],
  stance: 'staggered',
  cues: ['Near heel does the work', 'Hips level', 'Squeeze to the top'],
  faults: ['no-full-hip-extension', 'hips-twist', 'felt-in-low-back', 'range-short'],
  cautions: ['Felt in the low back: feet closer, tail under.'],
  traits: ['flat-on-back'],
  prerequisites: ['glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, legs: 'staggered', arms: 'pressed' },
} as const satisfies Variation;
