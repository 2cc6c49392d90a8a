import { LUNGE } from '../bases';
import { ON_A_SLIDER, STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The back foot slides, the load hangs on one side. */
export const offsetSliderReverseLunge = {
  ...LUNGE,
  id: 'offset-slider-reverse-lunge',
  name: 'Offset slider reverse lunge',
  aliases: ['reverse slider lunge', 'load on one side'],
  kneeShare: 0.36,
  emphasis: { glutes: 0.85, 'front-thigh': 0.6, hamstrings: 0.45, 'side-hip': 0.5, trunk: 0.4 },
  loadPositions: ['suitcase'],
  firstLoadShare: { novice: 0.05, trained: 0.15 },
  kit: [['slider']],
  levers: [ON_A_SLIDER, STRIDE, TEMPO],
  siblings: [{ lever: 'surface', way: 'easier', variationId: 'reverse-lunge' }],
  jumpOn: 'external',
  cues: ['Slide, don’t step', 'Hips square', 'Front leg does the work'],
  faults: ['hips-twist', 'wobble', 'pushes-from-the-back-leg', 'knees-cave'],
  cautions: ['Not with poor balance or a fresh ankle sprain.'],
  traits: ['slider', 'long-stride'],
  prerequisites: ['reverse-lunge'],
  figure: {
    maker: 'split',
    step: 'back',
    slider: true,
    carry: 'sides',
    hold: 'hang',
    leanDeg: 16,
    strideCm: 82,
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
