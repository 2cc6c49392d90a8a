import { LATERAL } from '../../bases';
import { BAND, TEMPO, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** On the side, the upper leg lifts long. */
export const sideLyingAbduction = {
  ...LATERAL,
  id: 'side-lying-abduction',
  name: 'Side-lying leg lift',
  aliases: ['side-lying abduction'],
  kneeShare: 0,
  emphasis: { 'side-hip': 0.95, glutes: 0.3 },
  loadPositions: ['none'],
  kit: [],
  levers: [BAND, TOP_HOLD, TEMPO],
  stance: 'one-side',
  bodyMassShare: 0.16,
  repRange: { low: 10, high: 20 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'legs together', top: 'leg high' },
  firstLoadShare: { novice: 0, trained: 0 },
  setUpSeconds: 15,
  cues: ['Heel leads, a little behind', 'Hips stacked', 'Lift, don’t swing'],
  faults: ['hips-twist', 'range-short', 'tempo-lost'],
  cautions: ['Outer-hip pain lying on it: pillow, or standing.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.115, 0],
        trunkSideDeg: 88,
        trunkForwardDeg: 0,
        pelvisDeg: 90,
        left: { ankle: [-0.4, 0.42, 0], toesOutDeg: 0, soleTo: [-0.8, 0.6, 0] },
        right: { ankle: [-0.47, 0.05, 0.05], toesOutDeg: 0, kneeTo: [0, 0.1, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.16, -0.08, 0.14],
        rightHand: [0.25, 0.03, 0.27],
      },
      bottom: {
        hip: [0, 0.115, 0],
        trunkSideDeg: 88,
        trunkForwardDeg: 0,
        pelvisDeg: 90,
        left: { ankle: [-0.48, 0.15, 0], toesOutDeg: 0, soleTo: [-1, 0, 0] },
        right: { ankle: [-0.47, 0.05, 0.05], toesOutDeg: 0, kneeTo: [0, 0.1, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.16, -0.08, 0.14],
        rightHand: [0.25, 0.03, 0.27],
      },
    },
  },
} as const satisfies Variation;
