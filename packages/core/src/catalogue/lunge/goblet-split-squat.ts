import { LUNGE } from '../bases';
import { DEFICIT, PAD_HEIGHT, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** A bell at the chest keeps the trunk up. */
export const gobletSplitSquat = {
  ...LUNGE,
  id: 'goblet-split-squat',
  name: 'Goblet split squat',
  aliases: ['front-held split squat'],
  kneeShare: 0.44,
  emphasis: { 'front-thigh': 0.8, glutes: 0.7, trunk: 0.3 },
  loadPositions: ['goblet'],
  firstLoadShare: { novice: 0.1, trained: 0.2 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [PAD_HEIGHT, STRIDE, DEFICIT, TEMPO],
  siblings: [
    { lever: 'load-position', way: 'easier', variationId: 'split-squat' },
    { lever: 'load-position', way: 'harder', variationId: 'rack-split-squat' },
  ],
  unloadedAllowed: false,
  jumpOn: 'external',
  cues: ['Tall trunk', 'Straight down, straight up', 'Front foot: heel to middle'],
  faults: ['knees-cave', 'wobble', 'front-heel-lifts', 'pushes-from-the-back-leg', 'range-short'],
  cautions: ['Feet hip-width apart, never on one line.'],
  traits: ['hand-held'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'goblet',
    hold: 'goblet',
    leanDeg: 6,
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
