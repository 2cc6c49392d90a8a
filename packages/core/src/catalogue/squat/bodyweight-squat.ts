import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, KNEE_TRAVEL, RAISED_ARMS, STANCE_WIDTH, SUPPORT, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Nothing held, heels flat, to own depth. */
export const bodyweightSquat = {
  ...TWO_LEG_SQUAT,
  id: 'bodyweight-squat',
  name: 'Bodyweight squat',
  aliases: ['air squat', 'flat-heel squat', 'free squat'],
  kneeShare: 0.49,
  emphasis: { 'front-thigh': 0.75, glutes: 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [SUPPORT, BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, RAISED_ARMS, KNEE_TRAVEL, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 20 },
  setUpSeconds: 10,
  cues: ['Whole foot stays down', 'Knees follow the toes', 'Stand all the way up'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'low-back-rounds', 'weight-rolls', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Sore knees: a box above the sore range.'],
  traits: ['two-leg-symmetric'],
  figure: { maker: 'squat', carry: 'arms-forward', hold: 'forward', thighDeg: 100 },
} as const satisfies Variation;
