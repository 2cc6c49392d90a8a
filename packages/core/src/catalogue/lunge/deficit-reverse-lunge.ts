import { LUNGE } from '../bases';
import { FRONT_ELEVATION, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** From a low box: the way on when hands can't hold more. */
export const deficitReverseLunge = {
  ...LUNGE,
  id: 'deficit-reverse-lunge',
  name: 'Deficit reverse lunge',
  aliases: ['reverse lunge from a low box'],
  kneeShare: 0.4,
  emphasis: { 'front-thigh': 0.7, glutes: 0.85, hamstrings: 0.4 },
  loadPositions: ['sides'],
  kit: [['low-step', 'box']],
  levers: [FRONT_ELEVATION, STRIDE, TEMPO],
  firstLoadShare: { novice: 0, trained: 0.2 },
  cues: ['Whole front foot on the box', 'Reach back long', 'Rise tall over the front leg'],
  faults: ['pushes-from-the-back-leg', 'wobble', 'knees-cave', 'trunk-tips', 'range-short'],
  cautions: ['Deeper for the knee: sore knees stay on the floor.'],
  traits: ['deficit', 'deep-knee', 'deep-lunge'],
  prerequisites: ['walking-lunge'],
  figure: {
    maker: 'split',
    step: 'back',
    carry: 'sides',
    hold: 'hang',
    frontCm: 10,
    leanDeg: 14,
    strideCm: 76,
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
