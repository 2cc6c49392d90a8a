import { BRIDGE } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** A ball or cushion squeezed between the knees. */
export const ballSqueezeGluteBridge = {
  ...BRIDGE,
  id: 'ball-squeeze-glute-bridge',
  name: 'Ball-squeeze glute bridge',
  aliases: ['adductor bridge'],
  kneeShare: 0,
  emphasis: { glutes: 0.8, adductors: 0.7, hamstrings: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['small-ball']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  cues: ['Squeeze first, then lift', 'Ribs down', 'Slow down'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Sore groin: half the squeeze.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  figure: { maker: 'bridge', benchCm: 0, legs: 'two', arms: 'pressed', props: [{ kind: 'ball-at', on: 'near-knee', r: 0.04 }] },
} as const satisfies Variation;
