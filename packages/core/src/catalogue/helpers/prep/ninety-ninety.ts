import { PREP } from '../../bases';
import { RANGE, SUPPORT, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Seated, both knees bent at right angles, switching sides. */
export const ninetyNinety = {
  ...PREP,
  id: 'ninety-ninety',
  name: '90/90',
  aliases: ['ninety-ninety hip switch'],
  kneeShare: 0,
  emphasis: { mobility: 1 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [SUPPORT, RANGE, TEMPO],
  plane: 'transverse',
  stance: 'alternating',
  repRange: { low: 5, high: 10 },
  holdsAt: { bottom: 'one side', top: 'middle' },
  cues: ['Tall as you can', 'Heels stay down', 'Hands help at first'],
  faults: ['low-back-rounds', 'hips-shift', 'range-short'],
  cautions: ['A pinch in the front of the hip: less range.'],
  traits: ['seated', 'end-range'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.1, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: -12,
        left: { ankle: [-0.15, 0.04, 0.3], toesOutDeg: 10, kneeTo: [-0.2, 1, 0.2] },
        right: { ankle: [0.15, 0.04, 0.3], toesOutDeg: 10, kneeTo: [0.2, 1, 0.2] },
        leftHand: [-0.1, -0.34, -0.08],
        rightHand: [0.1, -0.34, -0.08],
      },
      bottom: {
        hip: [0, 0.09, 0],
        trunkSideDeg: -5,
        trunkForwardDeg: 6,
        left: { ankle: [0.0, 0.04, 0.28], toesOutDeg: 10, kneeTo: [-1, 0.1, 0.6] },
        right: { ankle: [0.34, 0.04, -0.02], toesOutDeg: 60, kneeTo: [0.1, 0.1, 1] },
        leftHand: [-0.1, -0.34, -0.02],
        rightHand: [0.1, -0.33, 0.02],
      },
    },
  },
} as const satisfies Variation;
