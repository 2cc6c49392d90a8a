import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Wide stance, toes out as the hips allow; knees over toes. Very upright versions turn out more. */
export const wideDumbbellSquat = {
  ...TWO_LEG_SQUAT,
  id: 'wide-dumbbell-squat',
  name: 'Wide squat with one dumbbell',
  aliases: ['sumo squat', 'plié squat', 'wide-stance dumbbell squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.7, glutes: 0.65, adductors: 0.75 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.2, trained: 0.4 },
  kit: [['dumbbell', 'kettlebell']],
  levers: [TOES_OUT, BOX_HEIGHT, TEMPO],
  repRange: { low: 10, high: 15 },
  setUpSeconds: 30,
  cues: ['Toes and knees the same way', 'Sit straight down', 'Push the floor apart'],
  faults: ['knees-cave', 'trunk-tips', 'heels-lift', 'range-short'],
  cautions: ['Sore groin: narrower, less deep.'],
  traits: ['wide', 'hand-held', 'two-leg-symmetric'],
  figure: {
    maker: 'front-squat',
    halfStance: 0.2,
    toesOutDeg: 30,
    hipY: 0.3,
    hold: 'hang-between',
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
