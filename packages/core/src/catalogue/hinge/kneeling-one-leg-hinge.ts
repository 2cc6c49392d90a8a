import { ONE_LEG_HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Kneeling on one knee, the other leg straight out to the side on the inner edge of its foot: the hip of the kneeling leg hinges. */
export const kneelingOneLegHinge = {
  ...ONE_LEG_HINGE,
  id: 'kneeling-one-leg-hinge',
  name: 'Kneeling one-leg hinge',
  aliases: ['kneeling side-leg hinge'],
  kneeShare: 0.08,
  emphasis: { glutes: 0.8, hamstrings: 0.5, adductors: 0.5, mobility: 0.4 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0, trained: 0.1 },
  kit: [['pad']],
  levers: [RANGE, TEMPO],
  holdsAt: { bottom: 'hips back', top: 'tall kneeling' },
  cues: ['The kneeling leg’s hip goes back', 'Chest forward, hips square', 'Long leg rests on the inner edge of its foot'],
  faults: ['low-back-rounds', 'hips-twist', 'range-short'],
  cautions: ['Thick pad under the knee.', 'Sore groin: the long leg less far out.'],
  traits: ['kneeling', 'one-leg-hinge'],
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
      bottom: {
        hip: [-0.05, 0.25, -0.12],
        trunkSideDeg: 0,
        trunkForwardDeg: 58,
        left: { ankle: [-0.1, 0.04, -0.245], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
        right: { ankle: [0.4, 0.035, 0.02], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
        leftHand: [0.07, -0.05, 0.13],
        rightHand: [-0.07, -0.05, 0.13],
      },
      props: [{ kind: 'cushion', x: -0.17, y: 0, w: 0.14, h: 0.025 }],
    },
  },
} as const satisfies Variation;
