import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Bar in the crook of the elbows: upright, hard on trunk and upper back. */
export const zercherSquat = {
  ...TWO_LEG_SQUAT,
  id: 'zercher-squat',
  name: 'Zercher squat',
  aliases: ['elbow-held squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7, trunk: 0.6 },
  loadPositions: ['zercher'],
  firstLoadShare: { novice: 0.3, trained: 0.55 },
  kit: [['barbell'], ['rack']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  jumpOn: 'external',
  setUpSeconds: 120,
  cues: ['Bar close to the belly', 'Elbows in', 'Sit tall'],
  faults: ['chest-falls', 'knees-cave', 'low-back-rounds', 'range-short'],
  cautions: ['A pad on the bar spares the elbows.'],
  traits: ['heavy-brace', 'belly-load', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'goblet',
    hold: 'zercher',
    thighDeg: 92,
    loadKg: 40,
    implement: { piece: 'bar', at: 'elbows' },
  },
} as const satisfies Variation;
