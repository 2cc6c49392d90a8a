import { TWO_LEG_SQUAT } from '../bases';
import { BAR_PLACE, BOX_HEIGHT, HEEL_LIFT, KNEE_TRAVEL, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Bar high on the upper back; the lower place is a setting. */
export const backSquat = {
  ...TWO_LEG_SQUAT,
  id: 'back-squat',
  name: 'Back squat',
  aliases: ['barbell back squat'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.85, glutes: 0.75, adductors: 0.4, 'low-back': 0.35, trunk: 0.35 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.4, trained: 0.8 },
  kit: [['barbell'], ['rack']],
  levers: [BOX_HEIGHT, BAR_PLACE, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, KNEE_TRAVEL, TEMPO],
  siblings: [
    { lever: 'range', way: 'easier', variationId: 'back-squat-to-box' },
    { lever: 'range', way: 'harder', variationId: 'pause-squat' },
  ],
  tempo: { lowering: 3, bottom: 0, lifting: 1, top: 1 },
  setUpSeconds: 120,
  cues: ['Big breath before going down', 'Spread the floor', 'Chest and hips up together'],
  faults: [
    'knees-cave',
    'hips-shoot-up',
    'heels-lift',
    'low-back-rounds',
    'hips-shift',
    'bounces-at-the-bottom',
    'breath-held',
    'range-short',
  ],
  cautions: ['Bar on the upper back, never on the neck.', 'Safeties just under the lowest bar height; alone, never without.'],
  traits: ['back-bar', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['back-squat-to-box'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'back-bar',
    thighDeg: 95,
    loadKg: 75,
    implement: { piece: 'bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
