import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, SUPPORTED, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Hands on straps or a pole take some weight and let the hips go back. */
export const strapSupportedSquat = {
  ...TWO_LEG_SQUAT,
  id: 'strap-supported-squat',
  name: 'Strap-supported squat',
  aliases: ['strap squat', 'supported squat'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.75, glutes: 0.6, mobility: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['strap']],
  levers: [SUPPORTED, BOX_HEIGHT, HEEL_LIFT, TOES_OUT, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 15 },
  setUpSeconds: 30,
  cues: ['Hold, don’t hang', 'Sit between the heels', 'Show the shirt to the wall'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'low-back-rounds', 'range-short'],
  cautions: ['Check the anchor before the first rep.'],
  traits: ['supported', 'two-leg-symmetric'],
  figure: { maker: 'squat', carry: 'none', hold: 'forward', thighDeg: 100, support: { x: 0.32, y: 0.62, look: 'strap' } },
} as const satisfies Variation;
