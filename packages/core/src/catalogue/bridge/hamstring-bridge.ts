import { BRIDGE } from '../bases';
import { BRIDGE_ARMS, FEET_ELEVATION, FEET_OUT, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Feet farther away: the hamstrings hold the hips up. */
export const hamstringBridge = {
  ...BRIDGE,
  id: 'hamstring-bridge',
  name: 'Hamstring bridge',
  aliases: ['far-foot bridge', 'long-lever bridge'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.9, glutes: 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [FEET_OUT, FEET_ELEVATION, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'base', way: 'harder', variationId: 'one-leg-hamstring-bridge' }],
  repRange: { low: 8, high: 15 },
  cues: ['Dig the heels down', 'Hips high', 'Pull the heels toward you'],
  faults: ['felt-in-low-back', 'no-full-hip-extension', 'hips-shift', 'range-short'],
  cautions: ['Cramp: feet nearer, fewer reps.'],
  traits: ['far-foot', 'flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, footOffsetCm: 14, legs: 'two', arms: 'pressed' },
} as const satisfies Variation;
