import { ONE_LEG_HINGE } from '../bases';
import { KNEE_CUSHION, KNEELING_TO_THE_SIDE, TALL_TO_THE_SIDE } from '../kneeling-to-the-side';
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
      top: TALL_TO_THE_SIDE,
      bottom: { ...KNEELING_TO_THE_SIDE, hip: [-0.05, 0.25, -0.12], trunkForwardDeg: 58 },
      props: [KNEE_CUSHION],
    },
  },
} as const satisfies Variation;
