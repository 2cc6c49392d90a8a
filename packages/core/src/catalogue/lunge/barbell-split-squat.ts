import { LUNGE } from '../bases';
import { PAD_HEIGHT, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bar on the upper back: when hands can't hold more. */
export const barbellSplitSquat = {
  ...LUNGE,
  id: 'barbell-split-squat',
  name: 'Barbell split squat',
  aliases: ['bar split squat'],
  kneeShare: 0.42,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, trunk: 0.3 },
  loadPositions: ['back-bar'],
  firstLoadShare: { novice: 0.2, trained: 0.5 },
  kit: [['barbell'], ['rack']],
  levers: [PAD_HEIGHT, STRIDE, TEMPO],
  unloadedAllowed: false,
  setUpSeconds: 120,
  cues: ['Set the feet before the bar', 'Straight down, straight up', 'Tall trunk'],
  faults: ['wobble', 'knees-cave', 'trunk-tips', 'pushes-from-the-back-leg', 'range-short'],
  cautions: ['Inside the rack, safeties set.', 'Bar on the upper back, never on the neck.'],
  traits: ['back-bar', 'heavy-brace'],
  prerequisites: ['split-squat'],
  figure: {
    maker: 'split',
    step: 'none',
    carry: 'high-back-bar',
    hold: 'back-bar',
    leanDeg: 6,
    implement: { piece: 'bar', at: 'shoulders-back' },
  },
} as const satisfies Variation;
