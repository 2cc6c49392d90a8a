import { BRIDGE } from '../bases';
import { TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Soles together, knees apart: short range, all glutes. */
export const frogGluteBridge = {
  ...BRIDGE,
  id: 'frog-glute-bridge',
  name: 'Frog bridge',
  aliases: ['frog pump'],
  kneeShare: 0,
  emphasis: { glutes: 0.95, 'side-hip': 0.4, hamstrings: 0.1 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [TOP_HOLD, TEMPO],
  repRange: { low: 15, high: 30 },
  cues: ['Soles together', 'Tail under', 'Pulse, don’t rock'],
  faults: ['felt-in-low-back', 'no-full-hip-extension', 'head-tips-back'],
  cautions: ['Pinch in the front of the hip: feet farther away or leave it.'],
  traits: ['flat-on-back', 'two-leg-symmetric', 'wide'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.2, 0.1],
        trunkSideDeg: 0,
        trunkForwardDeg: -122,
        headTo: [0, 0.25, -1],
        left: { ankle: [-0.03, 0.06, 0.3], toesOutDeg: -60, kneeTo: [-1, 0.25, 0] },
        right: { ankle: [0.03, 0.06, 0.3], toesOutDeg: -60, kneeTo: [1, 0.25, 0] },
        leftHand: [-0.1, -0.02, 0.35],
        rightHand: [0.1, -0.02, 0.35],
      },
      bottom: {
        hip: [0, 0.08, 0.1],
        trunkSideDeg: 0,
        trunkForwardDeg: -97,
        headTo: [0, 0.25, -1],
        left: { ankle: [-0.03, 0.06, 0.3], toesOutDeg: -60, kneeTo: [-1, 0.25, 0] },
        right: { ankle: [0.03, 0.06, 0.3], toesOutDeg: -60, kneeTo: [1, 0.25, 0] },
        leftHand: [-0.1, -0.02, 0.35],
        rightHand: [0.1, -0.02, 0.35],
      },
    },
  },
} as const satisfies Variation;
