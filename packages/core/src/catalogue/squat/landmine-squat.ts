import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** One end of a bar on the floor, the other at the chest: it leans the body into an upright squat. */
export const landmineSquat = {
  ...TWO_LEG_SQUAT,
  id: 'landmine-squat',
  name: 'Landmine squat',
  aliases: ['angled-bar squat'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.8, glutes: 0.65, trunk: 0.3 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.25, trained: 0.45 },
  kit: [['landmine'], ['barbell']],
  levers: [BOX_HEIGHT, HEEL_LIFT, TOES_OUT, TEMPO],
  jumpOn: 'external',
  setUpSeconds: 60,
  cues: ['Lean a little into the bar', 'Elbows in', 'Heels heavy'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'range-short'],
  cautions: ['Wedge the floor end so that it can’t slide.'],
  traits: ['hand-held', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'goblet',
    hold: 'goblet',
    thighDeg: 92,
    loadKg: 30,
    props: [{ kind: 'line', from: 'hand', to: { x: 0.85, y: 0.02 }, look: 'frame' }],
  },
} as const satisfies Variation;
