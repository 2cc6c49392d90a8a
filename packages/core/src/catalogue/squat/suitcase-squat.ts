import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Weights hanging at the sides: no bar, no front hold. */
export const suitcaseSquat = {
  ...TWO_LEG_SQUAT,
  id: 'suitcase-squat',
  name: 'Two-dumbbell squat',
  aliases: ['suitcase squat', 'dumbbell squat at the sides'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7 },
  loadPositions: ['sides'],
  firstLoadShare: { novice: 0.25, trained: 0.5 },
  kit: [['dumbbell-pair', 'kettlebell-pair']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  cues: ['Arms hang, shoulders down', 'Sit between the heels', 'Whole foot stays down'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'grip-goes-first', 'range-short'],
  cautions: ['Grip may tire before the legs: straps, or another position.'],
  traits: ['hand-held', 'two-leg-symmetric'],
  figure: {
    maker: 'squat',
    carry: 'sides',
    hold: 'hang',
    thighDeg: 88,
    loadKg: 30,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
