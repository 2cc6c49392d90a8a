import { LATERAL } from '../../bases';
import { BAND, TEMPO, TOP_HOLD } from '../../scales';
import type { Variation } from '../../types';

/** On the side, knees bent, the upper knee opens. */
export const clam = {
  ...LATERAL,
  id: 'clam',
  name: 'Clam',
  aliases: ['clamshell'],
  kneeShare: 0,
  emphasis: { 'side-hip': 0.9, glutes: 0.4 },
  loadPositions: ['none'],
  kit: [],
  levers: [BAND, TOP_HOLD, TEMPO],
  plane: 'transverse',
  stance: 'one-side',
  bodyMassShare: 0,
  repRange: { low: 12, high: 20 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'knees together', top: 'knee open' },
  firstLoadShare: { novice: 0, trained: 0 },
  setUpSeconds: 15,
  cues: ['Heels stay together', 'Hips stacked', 'Open from the hip'],
  faults: ['hips-twist', 'range-short', 'tempo-lost'],
  cautions: ['Outer-hip pain lying on it: pillow, or the standing version.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.115, 0],
        trunkSideDeg: 88,
        trunkForwardDeg: 0,
        pelvisDeg: 90,
        left: { ankle: [-0.33, 0.11, 0.02], toesOutDeg: 0, kneeTo: [0, 1, 0.25], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.33, 0.05, 0.02], toesOutDeg: 0, kneeTo: [0.0, 0.05, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.16, -0.08, 0.14],
        rightHand: [0.25, 0.03, 0.27],
      },
      bottom: {
        hip: [0, 0.115, 0],
        trunkSideDeg: 88,
        trunkForwardDeg: 0,
        pelvisDeg: 90,
        left: { ankle: [-0.33, 0.11, 0.02], toesOutDeg: 0, kneeTo: [0, 0.12, 1], soleTo: [-1, 0, 0] },
        right: { ankle: [-0.33, 0.05, 0.02], toesOutDeg: 0, kneeTo: [0.0, 0.05, 1], soleTo: [-1, 0, 0] },
        leftHand: [-0.16, -0.08, 0.14],
        rightHand: [0.25, 0.03, 0.27],
      },
    },
  },
} as const satisfies Variation;
