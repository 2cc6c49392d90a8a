import { ONE_LEG_BRIDGE } from '../bases';
import { BRIDGE_ARMS, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One foot on the floor, the other leg long. */
export const oneLegGluteBridge = {
  ...ONE_LEG_BRIDGE,
  id: 'one-leg-glute-bridge',
  name: 'One-leg glute bridge',
  aliases: ['single-leg bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.95, hamstrings: 0.55, 'side-hip': 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [FOOT_DISTANCE, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [
    { lever: 'base', way: 'easier', variationId: 'staggered-glute-bridge' },
    { lever: 'range', way: 'harder', variationId: 'one-leg-foot-raised-glute-bridge' },
  ],
  repRange: { low: 10, high: 15 },
  cues: ['Hips level', 'Heel heavy', 'Don’t touch down between reps'],
  faults: ['hips-twist', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Cramp in the hamstring: foot closer.'],
  traits: ['flat-on-back', 'one-leg-unsupported'],
  prerequisites: ['staggered-glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, legs: 'one', arms: 'pressed' },
} as const satisfies Variation;
