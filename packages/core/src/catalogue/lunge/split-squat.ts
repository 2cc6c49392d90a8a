import { LUNGE } from '../bases';
import { DEFICIT, PAD_HEIGHT, STRIDE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Feet stay put, one in front; straight down and up. A stride of 70 cm is a reference case of the posture model. */
export const splitSquat = {
  ...LUNGE,
  id: 'split-squat',
  name: 'Split squat',
  aliases: ['static lunge', 'stationary lunge'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, adductors: 0.3, balance: 0.3 },
  loadPositions: ['sides'],
  kit: [],
  levers: [PAD_HEIGHT, SUPPORT, STRIDE, DEFICIT, TEMPO],
  siblings: [
    { lever: 'support', way: 'easier', variationId: 'split-squat-to-pad' },
    { lever: 'load-position', way: 'harder', variationId: 'goblet-split-squat' },
    { lever: 'support', way: 'easier', variationId: 'strap-assisted-split-squat' },
  ],
  cues: ['Straight down, straight up', 'Front foot: heel to middle', 'Back foot is a kickstand'],
  faults: ['knees-cave', 'wobble', 'front-heel-lifts', 'pushes-from-the-back-leg', 'range-short', 'trunk-tips', 'tempo-lost'],
  cautions: ['Feet hip-width apart, never on one line.', 'Sore kneecap: a thick pad and less depth.'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'sides',
    hold: 'hang',
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
