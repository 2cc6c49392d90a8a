import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, FRONT_HOLD, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Bar on the front of the shoulders; fingers, crossed arms or straps hold it. */
export const frontSquat = {
  ...TWO_LEG_SQUAT,
  id: 'front-squat',
  name: 'Front squat',
  aliases: ['barbell front squat'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.9, glutes: 0.65, trunk: 0.55 },
  loadPositions: ['front-bar'],
  firstLoadShare: { novice: 0.3, trained: 0.6 },
  kit: [['barbell'], ['rack']],
  levers: [BOX_HEIGHT, FRONT_HOLD, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  siblings: [{ lever: 'range', way: 'easier', variationId: 'front-squat-to-box' }],
  jumpOn: 'external',
  setUpSeconds: 120,
  cues: ['Elbows to the wall', 'Whole foot stays down', 'Drive the bar straight up'],
  faults: ['elbows-drop', 'chest-falls', 'heels-lift', 'knees-cave', 'low-back-rounds', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Safeties just under the lowest bar height.', 'Sore wrists: crossed arms or straps.'],
  traits: ['front-rack', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['front-squat-to-box'],
  figure: {
    maker: 'squat',
    carry: 'front-bar',
    hold: 'front-bar',
    thighDeg: 95,
    loadKg: 50,
    implement: { piece: 'bar', at: 'shoulders-front' },
  },
} as const satisfies Variation;
