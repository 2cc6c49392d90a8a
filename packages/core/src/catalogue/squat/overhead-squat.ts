import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Arms locked overhead: shows and trains what ankles, hips and shoulders allow. */
export const overheadSquat = {
  ...TWO_LEG_SQUAT,
  id: 'overhead-squat',
  name: 'Overhead squat',
  aliases: ['bar overhead squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.75, glutes: 0.6, trunk: 0.7, mobility: 0.5, balance: 0.3 },
  loadPositions: ['overhead'],
  firstLoadShare: { novice: 0.1, trained: 0.25 },
  kit: [['barbell', 'stick']],
  levers: [BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, TEMPO],
  jumpOn: 'external',
  repRange: { low: 5, high: 8 },
  setUpSeconds: 60,
  cues: ['Bar over the middle of the foot', 'Push up into the bar', 'Sit tall'],
  faults: ['chest-falls', 'heels-lift', 'low-back-over-arches', 'knees-cave', 'range-short'],
  cautions: ['Empty bar first. Practise dropping it forward and back.'],
  traits: ['overhead', 'heavy-brace', 'end-range', 'two-leg-symmetric'],
  prerequisites: ['front-squat'],
  figure: {
    maker: 'squat',
    carry: 'overhead',
    hold: 'overhead',
    thighDeg: 92,
    loadKg: 20,
    implement: { piece: 'bar', at: 'hands' },
  },
} as const satisfies Variation;
