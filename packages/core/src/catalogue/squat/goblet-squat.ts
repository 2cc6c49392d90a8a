import type { Variation } from '../types';

/** Front-held single weight. Bottom pose: thigh parallel, 20 kg held, from the posture model's reference case. */
export const gobletSquat = {
  id: 'goblet-squat',
  name: 'Goblet squat',
  aliases: ['front-held squat', 'bell squat'],
  family: 'squat',
  stance: 'two-leg',
  startsAt: 'top',
  holdsAt: { bottom: 'bottom', top: 'standing tall' },
  loadPositions: ['goblet'],
  unloadedAllowed: false,
  bodyMassShare: 0.88,
  jumpOn: 'external',
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  repRange: null,
  tempo: null,
  setUpSeconds: 45,
  cues: ['Elbows inside the knees', 'Whole foot stays down', 'Sit between the hips'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'low-back-rounds', 'range-short', 'tempo-lost'],
  cautions: ['Take big bells up and set them down with two hands.', 'Sore knees: a box above the sore range.'],
  basis: 'common-practice',
  figure: {
    implement: 'bell',
    nearFoot: { kind: 'flat', heelX: 0 },
    farFoot: { kind: 'flat', heelX: 0 },
    top: { kind: 'standing', shankDeg: 2, thighDeg: 3, trunkDeg: 1, arms: { kind: 'held', along: 0.27, front: 0.11 } },
    bottom: {
      kind: 'standing',
      shankDeg: 35,
      thighDeg: 90,
      trunkDeg: 34.7,
      arms: { kind: 'held', along: 0.27, front: 0.11 },
    },
  },
} as const satisfies Variation;
