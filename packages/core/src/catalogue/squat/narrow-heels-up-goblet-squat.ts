import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEELS_UP, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Feet close on a wedge: the most front of thigh a goblet squat can give. */
export const narrowHeelsUpGobletSquat = {
  ...TWO_LEG_SQUAT,
  id: 'narrow-heels-up-goblet-squat',
  name: 'Narrow heels-up goblet squat',
  aliases: ['cyclist squat', 'heels-elevated goblet squat'],
  kneeShare: 0.56,
  emphasis: { 'front-thigh': 0.95, glutes: 0.45, trunk: 0.3 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.12, trained: 0.25 },
  kit: [['kettlebell', 'dumbbell'], ['small-plates']],
  levers: [HEELS_UP, BOX_HEIGHT, TEMPO],
  jumpOn: 'external',
  repRange: { low: 8, high: 15 },
  setUpSeconds: 50,
  cues: ['Knees forward over the toes', 'Stay tall', 'Slow down, smooth up'],
  faults: ['chest-falls', 'bounces-at-the-bottom', 'weight-rolls', 'range-short'],
  cautions: ['Raised heels make the knees work more: only when that is pain-free.'],
  traits: ['raised-heel', 'deep-knee', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'squat',
    carry: 'goblet',
    hold: 'goblet',
    thighDeg: 100,
    loadKg: 16,
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
