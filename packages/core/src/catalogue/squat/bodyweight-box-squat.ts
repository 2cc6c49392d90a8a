import { TWO_LEG_SQUAT } from '../bases';
import { BOX_STYLE, HEEL_LIFT, SUPPORT, TEMPO, TOES_OUT, TO_A_BOX } from '../scales';
import type { Variation } from '../types';

/** A box gives the depth; it comes down as control grows. */
export const bodyweightBoxSquat = {
  ...TWO_LEG_SQUAT,
  id: 'bodyweight-box-squat',
  name: 'Bodyweight box squat',
  aliases: ['air squat to a box', 'box squat without load'],
  kneeShare: 0.48,
  emphasis: { 'front-thigh': 0.75, glutes: 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['box', 'bench']],
  levers: [SUPPORT, TO_A_BOX, HEEL_LIFT, BOX_STYLE, TOES_OUT, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 12 },
  setUpSeconds: 25,
  cues: ['Touch, don’t sit', 'Arms reach as the hips go back', 'Whole foot stays down'],
  faults: ['heels-lift', 'chest-falls', 'collapses-on-the-box', 'knees-cave', 'low-back-rounds', 'range-short'],
  cautions: ['Sore knees: a box above the sore range.'],
  traits: ['box-target', 'two-leg-symmetric'],
  figure: { maker: 'squat', carry: 'arms-forward', hold: 'forward', thighDeg: 92, boxCm: 40 },
} as const satisfies Variation;
