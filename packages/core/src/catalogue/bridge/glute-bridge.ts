import { BRIDGE } from '../bases';
import { BRIDGE_ARMS, FEET_ELEVATION, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Shoulders on the floor, hips lift until trunk and thigh are one line, shins upright at the top. */
export const gluteBridge = {
  ...BRIDGE,
  id: 'glute-bridge',
  name: 'Glute bridge',
  aliases: ['floor bridge', 'hip bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.9, hamstrings: 0.5 },
  loadPositions: ['hips'],
  firstLoadShare: { novice: 0, trained: 0.5 },
  kit: [],
  levers: [FOOT_DISTANCE, FEET_ELEVATION, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'base', way: 'harder', variationId: 'staggered-glute-bridge' },
    { lever: 'load-position', way: 'harder', variationId: 'barbell-glute-bridge' },
  ],
  cues: ['Heels under the knees at the top', 'Squeeze to the top', 'Chin tucked, eyes forward'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'head-tips-back', 'knees-cave', 'range-short', 'tempo-lost'],
  cautions: ['Felt in the low back: feet closer, tail under.', 'A weight on the hips needs a pad.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  figure: { maker: 'bridge', benchCm: 0, legs: 'two', arms: 'pressed', implement: { piece: 'dumbbell', at: 'hips' } },
} as const satisfies Variation;
