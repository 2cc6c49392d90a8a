import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bar on the upper back, stepping back from the rack. */
export const barbellLunge = {
  ...LUNGE,
  id: 'barbell-lunge',
  name: 'Barbell lunge',
  aliases: ['bar reverse lunge'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.7, glutes: 0.85, hamstrings: 0.35, trunk: 0.3 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.2, trained: 0.5 },
  kit: [['barbell'], ['rack']],
  levers: [STRIDE, TEMPO],
  unloadedAllowed: false,
  setUpSeconds: 120,
  cues: ['Step back, not down', 'Tall trunk', 'Front leg does the work'],
  faults: ['wobble', 'trunk-tips', 'knees-cave', 'pushes-from-the-back-leg'],
  cautions: ['Inside the rack, safeties set.', 'Bar on the upper back, never on the neck.'],
  traits: ['back-bar', 'heavy-brace'],
  prerequisites: ['walking-lunge'],
  figure: {
    maker: 'split',
    step: 'back',
    carry: 'high-back-bar',
    hold: 'back-bar',
    leanDeg: 10,
    strideCm: 76,
    implement: { piece: 'bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
