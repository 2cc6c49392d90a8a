import { LUNGE } from '../bases';
import { DEFICIT, STRIDE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Step back and down, up again through the front leg. */
export const reverseLunge = {
  ...LUNGE,
  id: 'reverse-lunge',
  name: 'Reverse lunge',
  aliases: ['backward lunge', 'step-back lunge'],
  kneeShare: 0.38,
  emphasis: { 'front-thigh': 0.6, glutes: 0.8, hamstrings: 0.4, balance: 0.4 },
  loadPositions: ['sides'],
  kit: [],
  levers: [SUPPORT, STRIDE, DEFICIT, TEMPO],
  siblings: [{ lever: 'surface', way: 'harder', variationId: 'offset-slider-reverse-lunge' }],
  cues: ['Step back, not down', 'Front foot: heel to middle', 'Feet hip-width, never on one line'],
  faults: ['wobble', 'knees-cave', 'pushes-from-the-back-leg', 'front-heel-lifts', 'trunk-tips', 'range-short'],
  cautions: ['Sore knees usually like this better than a forward lunge.'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'split',
    step: 'back',
    carry: 'sides',
    hold: 'hang',
    leanDeg: 14,
    strideCm: 76,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
