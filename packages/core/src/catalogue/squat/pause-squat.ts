import { TWO_LEG_SQUAT } from '../bases';
import { BAR_PLACE, HEEL_LIFT, PAUSED, STANCE_WIDTH, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** Two or three still seconds at the bottom take the bounce away. */
export const pauseSquat = {
  ...TWO_LEG_SQUAT,
  id: 'pause-squat',
  name: 'Pause squat',
  aliases: ['paused back squat'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.85, glutes: 0.75, adductors: 0.4, trunk: 0.4 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.35, trained: 0.7 },
  kit: [['barbell'], ['rack']],
  levers: [BAR_PLACE, HEEL_LIFT, STANCE_WIDTH, TOES_OUT, PAUSED],
  siblings: [{ lever: 'range', way: 'easier', variationId: 'back-squat' }],
  tempo: { lowering: 2, bottom: 2, lifting: 1, top: 0 },
  setUpSeconds: 120,
  cues: ['Still at the bottom', 'Hold the breath, not the hips', 'Drive straight up'],
  faults: ['knees-cave', 'hips-shoot-up', 'low-back-rounds', 'bounces-at-the-bottom', 'breath-held'],
  cautions: ['Safeties just under the lowest bar height.'],
  traits: ['back-bar', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['back-squat'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'back-bar',
    thighDeg: 98,
    loadKg: 60,
    implement: { piece: 'bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
