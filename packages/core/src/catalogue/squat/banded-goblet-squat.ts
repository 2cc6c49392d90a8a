import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, TEMPO, TOES_OUT, WITH_BAND } from '../scales';
import type { Variation } from '../types';

/** A band under the feet and over the bell: easier low, harder high. */
export const bandedGobletSquat = {
  ...TWO_LEG_SQUAT,
  id: 'banded-goblet-squat',
  name: 'Banded goblet squat',
  aliases: ['band-resisted goblet squat'],
  kneeShare: 0.47,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.12, trained: 0.25 },
  kit: [['kettlebell', 'dumbbell'], ['band']],
  levers: [WITH_BAND, BOX_HEIGHT, HEEL_LIFT, TOES_OUT, TEMPO],
  jumpOn: 'external',
  repRange: { low: 8, high: 15 },
  setUpSeconds: 60,
  cues: ['Drive through the band at the top', 'Whole foot stays down', 'Don’t let it snap you down'],
  faults: ['heels-lift', 'knees-cave', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Look the band over for cracks. Stand on it with both whole feet.'],
  traits: ['hand-held', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'goblet',
    hold: 'goblet',
    thighDeg: 92,
    loadKg: 16,
    implement: { piece: 'bell', at: 'hands' },
    props: [{ kind: 'line', from: 'near-foot', to: 'hand', look: 'band' }],
  },
} as const satisfies Variation;
