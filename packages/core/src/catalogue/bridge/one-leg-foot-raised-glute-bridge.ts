import { ONE_LEG_BRIDGE } from '../bases';
import { BRIDGE_ARMS, FEET_UP, FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** The working foot on a step, bench or sofa: more range, more hamstrings with height. */
export const oneLegFootRaisedGluteBridge = {
  ...ONE_LEG_BRIDGE,
  id: 'one-leg-foot-raised-glute-bridge',
  name: 'One-leg glute bridge, foot raised',
  aliases: ['single-leg bridge off a bench'],
  kneeShare: 0,
  emphasis: { glutes: 0.9, hamstrings: 0.75, 'side-hip': 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['bench', 'low-step', 'box']],
  levers: [FEET_UP, FOOT_DISTANCE, BRIDGE_ARMS, TOP_HOLD, TEMPO],
  siblings: [{ lever: 'range', way: 'easier', variationId: 'one-leg-glute-bridge' }],
  repRange: { low: 8, high: 12 },
  cues: ['Heel heavy on the bench', 'Hips level', 'Lower all the way, don’t rest'],
  faults: ['hips-twist', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Bench against a wall.'],
  traits: ['flat-on-back', 'one-leg-unsupported'],
  prerequisites: ['one-leg-glute-bridge'],
  figure: { maker: 'bridge', benchCm: 0, feetCm: 30, legs: 'one', arms: 'pressed' },
} as const satisfies Variation;
