import { BRIDGE } from '../bases';
import { RANGE, SUPPORT } from '../scales';
import type { Variation } from '../types';

/** On hands and heels, face up, one line. */
export const reversePlank = {
  ...BRIDGE,
  id: 'reverse-plank',
  name: 'Reverse plank',
  aliases: ['face-up plank on the hands'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.7, glutes: 0.7, trunk: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, SUPPORT],
  repRange: null,
  tempo: null,
  seconds: { low: 20, high: 45 },
  setUpSeconds: 15,
  holdsAt: { bottom: 'seated', top: 'held in one line' },
  cues: ['Push the floor down', 'Hips high, ribs down', 'Chin tucked'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'breath-held', 'head-tips-back'],
  cautions: ['Sore wrists: on the fists or leave it.'],
  traits: ['hold', 'long-hold', 'hands-on-floor', 'head-unsupported', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.72, toesUpDeg: 60 },
      farFoot: { kind: 'on-heel', heelX: 0.72, toesUpDeg: 60 },
      top: { root: { at: 'shoulder', x: 0, y: 0.365 }, trunkDeg: -65, headDeg: -44, arms: { kind: 'at', x: -0.02, y: 0.01 } },
      bottom: { root: { at: 'shoulder', x: 0, y: 0.362 }, trunkDeg: -58, headDeg: -36, arms: { kind: 'at', x: -0.02, y: 0.01 } },
    },
  },
} as const satisfies Variation;
