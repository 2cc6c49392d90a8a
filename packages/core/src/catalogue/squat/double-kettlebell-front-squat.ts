import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Two bells in the rack position: more load than one can be held at the chest. */
export const doubleKettlebellFrontSquat = {
  ...TWO_LEG_SQUAT,
  id: 'double-kettlebell-front-squat',
  name: 'Two-bell front squat',
  aliases: ['double kettlebell front squat', 'front-rack bell squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.85, glutes: 0.65, trunk: 0.5 },
  loadPositions: ['rack'],
  firstLoadShare: { novice: 0.3, trained: 0.5 },
  kit: [['kettlebell-pair', 'dumbbell-pair']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'goblet-squat' }],
  jumpOn: 'external',
  cues: ['Elbows down and close', 'Breathe behind the bells', 'Knees follow the toes'],
  faults: ['elbows-drop', 'chest-falls', 'heels-lift', 'knees-cave', 'range-short'],
  cautions: ['Clean the bells up from the floor one at a time until it is practised.'],
  traits: ['front-rack', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'front-bar',
    hold: 'rack',
    thighDeg: 92,
    loadKg: 24,
    implement: { piece: 'bell', at: 'shoulders-front', pair: true },
  },
} as const satisfies Variation;
