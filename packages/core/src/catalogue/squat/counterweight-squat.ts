import { TWO_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, COUNTERWEIGHT, HEELS_UP, TEMPO, TOES_OUT } from '../scales';
import type { Variation } from '../types';

/** A light weight held out in front balances the hips; heels on two small plates while ankles are short. */
export const counterweightSquat = {
  ...TWO_LEG_SQUAT,
  id: 'counterweight-squat',
  name: 'Counterweight squat',
  aliases: ['heels-raised counterweight squat', 'plate-reach squat'],
  kneeShare: 0.48,
  emphasis: { 'front-thigh': 0.8, glutes: 0.6, trunk: 0.2 },
  loadPositions: ['counterweight'],
  firstLoadShare: { novice: 0.05, trained: 0.08 },
  kit: [['dumbbell', 'kettlebell', 'small-plates']],
  levers: [COUNTERWEIGHT, HEELS_UP, BOX_HEIGHT, TOES_OUT, TEMPO],
  siblings: [{ lever: 'load-position', way: 'harder', variationId: 'goblet-squat' }],
  jumpOn: 'external',
  repRange: { low: 12, high: 20 },
  unloadedAllowed: true,
  setUpSeconds: 40,
  cues: ['Weight out, about chest high', 'Sit down between the heels', 'Whole foot stays down'],
  faults: ['heels-lift', 'chest-falls', 'knees-cave', 'low-back-rounds', 'weight-rolls', 'range-short'],
  cautions: [
    'Raised heels make the knees work more: sore knees try it without first.',
    'Arms tire before the legs: put the weight down between sets.',
  ],
  traits: ['raised-heel', 'two-leg-symmetric'],
  figure: {
    maker: 'squat',
    carry: 'counterweight',
    hold: 'counterweight',
    thighDeg: 100,
    loadKg: 5,
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
