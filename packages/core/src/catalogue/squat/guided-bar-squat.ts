import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The bar runs in rails: feet can stand where the legs want them. */
export const guidedBarSquat = {
  ...TWO_LEG_SQUAT,
  id: 'guided-bar-squat',
  name: 'Guided-bar squat',
  aliases: ['machine-bar squat', 'fixed-path squat'],
  kneeShare: 0.47,
  emphasis: { 'front-thigh': 0.85, glutes: 0.65 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.3, trained: 0.7 },
  kit: [['guided-bar']],
  levers: [BOX_HEIGHT, STANCE_WIDTH, HEEL_LIFT, TEMPO],
  setUpSeconds: 60,
  cues: ['Feet a little ahead', 'Hooks turned before stepping out', 'Whole foot stays down'],
  faults: ['knees-cave', 'heels-lift', 'low-back-rounds', 'range-short'],
  cautions: ['Set the stops.', 'Bar on the upper back, never on the neck.'],
  traits: ['back-bar', 'two-leg-symmetric'],
  figure: {
    maker: 'squat',
    carry: 'high-back-bar',
    hold: 'back-bar',
    thighDeg: 92,
    loadKg: 40,
    implement: { piece: 'bar', at: 'shoulders-back' },
    props: [{ kind: 'pole', x: 0.085, h: 1.1 }],
  },
} as const satisfies Variation;
