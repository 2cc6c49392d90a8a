import { ONE_LEG_SQUAT } from '../bases';
import { SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Kneel on the working knee, other leg straight out to the side on the inner edge of its foot; sit toward the heel slowly, drive up. */
export const kneelingOneLegSquat = {
  ...ONE_LEG_SQUAT,
  id: 'kneeling-one-leg-squat',
  name: 'Kneeling one-leg squat',
  aliases: ['kneeling side-leg squat'],
  kneeShare: 0.85,
  emphasis: { 'front-thigh': 0.9, adductors: 0.4, mobility: 0.3 },
  loadPositions: ['goblet'],
  kit: [['pad']],
  levers: [SUPPORT, TEMPO],
  plane: 'frontal',
  repRange: { low: 5, high: 10 },
  holdsAt: { bottom: 'hip to the heel', top: 'tall kneeling' },
  firstLoadShare: { novice: 0, trained: 0.1 },
  cues: ['Tall from knee to head', 'Slow to the heel', 'Brief touch, drive up'],
  faults: ['bounces-at-the-bottom', 'hips-shift', 'low-back-rounds', 'range-short'],
  cautions: ['Not with front-of-knee pain.', 'Thick pad under the knee.'],
  traits: ['kneeling', 'deep-knee'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [-0.05, 0.278, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 0,
        left: { ankle: [-0.1, 0.04, -0.245], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
        right: { ankle: [0.4, 0.035, 0.02], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
        leftHand: [0.07, -0.05, 0.13],
        rightHand: [-0.07, -0.05, 0.13],
      },
      between: [
        {
          hip: [-0.05, 0.25, -0.115],
          trunkSideDeg: 0,
          trunkForwardDeg: 10,
          left: { ankle: [-0.1, 0.04, -0.245], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
          right: { ankle: [0.4, 0.035, 0.02], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
          leftHand: [0.07, -0.05, 0.13],
          rightHand: [-0.07, -0.05, 0.13],
        },
      ],
      bottom: {
        hip: [-0.05, 0.175, -0.2],
        trunkSideDeg: 0,
        trunkForwardDeg: 18,
        left: { ankle: [-0.1, 0.04, -0.245], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
        right: { ankle: [0.4, 0.035, 0.02], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
        leftHand: [0.07, -0.05, 0.13],
        rightHand: [-0.07, -0.05, 0.13],
      },
      props: [{ kind: 'cushion', x: -0.17, y: 0, w: 0.14, h: 0.025 }],
    },
  },
} as const satisfies Variation;
