import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** A padded bar with handles in front: for shoulders and wrists that can't hold a straight one. */
export const safetyBarSquat = {
  ...TWO_LEG_SQUAT,
  id: 'safety-bar-squat',
  name: 'Safety-bar squat',
  aliases: ['yoke-bar squat'],
  kneeShare: 0.44,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7, trunk: 0.45 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.35, trained: 0.7 },
  kit: [['safety-bar'], ['rack']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  setUpSeconds: 120,
  cues: ['Handles level', 'Chest proud of the bar', 'Whole foot stays down'],
  faults: ['chest-falls', 'heels-lift', 'knees-cave', 'hips-shoot-up', 'range-short'],
  cautions: ['Safeties just under the lowest bar height.'],
  traits: ['heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'rack',
    thighDeg: 92,
    loadKg: 50,
    implement: { piece: 'safety-bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
