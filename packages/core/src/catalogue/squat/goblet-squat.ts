import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, KNEE_TRAVEL, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Front-held single weight; the bottom at a level thigh is a reference case of the posture model. */
export const gobletSquat = {
  ...TWO_LEG_SQUAT,
  id: 'goblet-squat',
  name: 'Goblet squat',
  aliases: ['front-held squat', 'bell squat'],
  kneeShare: 0.47,
  emphasis: { 'front-thigh': 0.85, glutes: 0.65, trunk: 0.35, adductors: 0.3 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, KNEE_TRAVEL, TEMPO],
  siblings: [
    { lever: 'load-position', way: 'easier', variationId: 'counterweight-squat' },
    { lever: 'load-position', way: 'harder', variationId: 'double-kettlebell-front-squat' },
  ],
  jumpOn: 'external',
  cues: ['Elbows inside the knees', 'Whole foot stays down', 'Sit between the hips'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'low-back-rounds', 'range-short', 'tempo-lost'],
  cautions: ['Take big bells up and set them down with two hands.', 'Sore knees: a box above the sore range.'],
  traits: ['hand-held', 'two-leg-symmetric'],
  figure: {
    maker: 'squat',
    carry: 'goblet',
    hold: 'goblet',
    thighDeg: 90,
    loadKg: 20,
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
