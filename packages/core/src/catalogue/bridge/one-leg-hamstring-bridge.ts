import { ONE_LEG_BRIDGE } from '../bases';
import { BRIDGE_ARMS, FEET_ELEVATION, FEET_OUT, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** One heel, first near and then far; at last the hands leave the floor. */
export const oneLegHamstringBridge = {
  ...ONE_LEG_BRIDGE,
  id: 'one-leg-hamstring-bridge',
  name: 'One-leg hamstring bridge',
  aliases: ['single-leg far bridge'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95, glutes: 0.65, 'side-hip': 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [FEET_OUT, FEET_ELEVATION, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'base', way: 'easier', variationId: 'hamstring-bridge' }],
  repRange: { low: 6, high: 12 },
  cues: ['Dig the heel down', 'Hips level', 'Slow down'],
  faults: ['hips-twist', 'felt-in-low-back', 'no-full-hip-extension', 'range-short'],
  cautions: ['Cramp: heel nearer, fewer reps.'],
  traits: ['far-foot', 'flat-on-back', 'one-leg-unsupported'],
  prerequisites: ['hamstring-walk-out'],
  figure: { maker: 'bridge', benchCm: 0, footOffsetCm: 10, legs: 'one', arms: 'pressed' },
} as const satisfies Variation;
