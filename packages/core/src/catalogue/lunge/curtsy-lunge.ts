import { LUNGE } from '../bases';
import { STRIDE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The back foot crosses behind: outer hip. */
export const curtsyLunge = {
  ...LUNGE,
  id: 'curtsy-lunge',
  name: 'Curtsy lunge',
  aliases: ['cross-behind lunge'],
  kneeShare: 0.42,
  emphasis: { glutes: 0.8, 'side-hip': 0.7, 'front-thigh': 0.6, adductors: 0.3, balance: 0.4 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.05, trained: 0.15 },
  kit: [],
  levers: [SUPPORT, STRIDE, TEMPO],
  plane: 'frontal',
  cues: ['Hips face forward', 'Knee follows the toes', 'Cross only as far as the hips stay square'],
  faults: ['hips-twist', 'knees-cave', 'wobble', 'range-short'],
  cautions: ['Outer-hip pain: leave it.'],
  traits: ['crosses-midline'],
  prerequisites: ['reverse-lunge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [0, 0.52, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 2,
        left: { ankle: [-0.06, 0.039, 0], toesOutDeg: 8 },
        right: { ankle: [0.06, 0.039, 0], toesOutDeg: 8 },
        leftHand: [0.085, -0.05, 0.13],
        rightHand: [-0.085, -0.05, 0.13],
      },
      between: [
        {
          hip: [-0.04, 0.44, -0.02],
          trunkSideDeg: 2,
          trunkForwardDeg: 8,
          left: { ankle: [-0.06, 0.039, 0], toesOutDeg: 8 },
          right: { ankle: [-0.02, 0.09, -0.22], toesOutDeg: 4 },
          leftHand: [0.085, -0.05, 0.13],
          rightHand: [-0.085, -0.05, 0.13],
        },
      ],
      bottom: {
        hip: [-0.05, 0.31, -0.06],
        trunkSideDeg: 3,
        trunkForwardDeg: 16,
        left: { ankle: [-0.06, 0.039, 0], toesOutDeg: 8 },
        right: { ankle: [-0.2, 0.09, -0.34], toesOutDeg: -10 },
        leftHand: [0.085, -0.05, 0.13],
        rightHand: [-0.085, -0.05, 0.13],
      },
    },
  },
} as const satisfies Variation;
