import { PREP } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** On hands and one knee, the other leg straight out to the side: hips rock back to the heel and come forward again. */
export const adductorRock = {
  ...PREP,
  id: 'adductor-rock',
  name: 'Adductor rock',
  aliases: ['inner-thigh rock', 'adductor rock-back'],
  kneeShare: 0,
  emphasis: { mobility: 1, adductors: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, TEMPO],
  stance: 'one-side',
  repRange: { low: 6, high: 10 },
  holdsAt: { bottom: 'hips back', top: 'over the knee' },
  cues: ['Long leg straight, its whole foot down', 'Back stays as it is', 'Breathe out as the hips go back'],
  faults: ['low-back-rounds', 'hips-twist', 'range-short'],
  cautions: ['Sore groin: the long leg less far out, or leave it.', 'Sore knee: on a pad. Sore wrists: on forearms.'],
  traits: ['hands-on-floor', 'kneeling', 'end-range', 'wide'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'front',
      top: {
        hip: [-0.02, 0.27, 0],
        trunkSideDeg: 0,
        trunkForwardDeg: 80,
        left: { ankle: [-0.08, 0.04, -0.24], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
        right: { ankle: [0.44, 0.035, 0], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
        leftHand: [0.01, -0.29, 0.06],
        rightHand: [-0.01, -0.29, 0.06],
      },
      bottom: {
        hip: [-0.05, 0.21, -0.14],
        trunkSideDeg: 0,
        trunkForwardDeg: 84,
        left: { ankle: [-0.08, 0.04, -0.24], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
        right: { ankle: [0.44, 0.035, 0], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
        leftHand: [0.01, -0.215, 0.19],
        rightHand: [-0.01, -0.215, 0.19],
      },
    },
  },
} as const satisfies Variation;
