import { ONE_LEG_SQUAT } from '../bases';
import { KNEE_CUSHION, KNEELING_TO_THE_SIDE, TALL_TO_THE_SIDE } from '../kneeling-to-the-side';
import { SUPPORT, TOUCH_AND_GO } from '../scales';
import type { Variation } from '../types';

/** Kneel on the working knee, other leg straight out to the side on the inner edge of its foot; slowly to the heel, a light touch, and up at once. */
export const kneelingOneLegSquat = {
  ...ONE_LEG_SQUAT,
  id: 'kneeling-one-leg-squat',
  name: 'Kneeling one-leg squat',
  aliases: ['kneeling side-leg squat'],
  kneeShare: 0.55,
  emphasis: { glutes: 0.8, 'front-thigh': 0.7, adductors: 0.4, mobility: 0.3 },
  loadPositions: ['goblet', 'back-bar'],
  kit: [['pad']],
  levers: [SUPPORT, TOUCH_AND_GO],
  tempo: { lowering: 3, bottom: 0, lifting: 'x', top: 0 },
  plane: 'frontal',
  repRange: { low: 5, high: 10 },
  holdsAt: { bottom: 'hip to the heel', top: 'tall kneeling' },
  firstLoadShare: { novice: 0, trained: 0.1 },
  cues: ['Tall from knee to head', 'Slow to the heel', 'Touch it lightly, drive up at once', 'Squeeze the hip to the top'],
  faults: ['lands-instead-of-lowers', 'hips-shift', 'low-back-rounds', 'range-short'],
  cautions: ['Not with front-of-knee pain.', 'Thick pad under the knee.'],
  traits: ['kneeling', 'deep-knee'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: TALL_TO_THE_SIDE,
      between: [{ ...KNEELING_TO_THE_SIDE, hip: [-0.05, 0.25, -0.115], trunkForwardDeg: 10 }],
      bottom: { ...KNEELING_TO_THE_SIDE, hip: [-0.05, 0.175, -0.2], trunkForwardDeg: 18 },
      props: [KNEE_CUSHION],
    },
  },
} as const satisfies Variation;
