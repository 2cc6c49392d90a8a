import { LATERAL } from '../../bases';
import { ON_A_SLIDER, SIDE_STRIDE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** The straight leg slides out and is pulled back in. */
export const sliderSideLunge = {
  ...LATERAL,
  id: 'slider-side-lunge',
  name: 'Slider side lunge',
  aliases: ['sliding lateral lunge'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.6, glutes: 0.65, adductors: 0.85 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['slider']],
  levers: [ON_A_SLIDER, SIDE_STRIDE, TEMPO],
  siblings: [{ lever: 'surface', way: 'easier', variationId: 'side-lunge' }],
  repRange: { low: 6, high: 10 },
  cues: ['Slow out', 'Pull the foot back in', 'Weight stays on the bent leg'],
  faults: ['knees-cave', 'heels-lift', 'trunk-tips', 'wobble'],
  cautions: ['Sore groin: leave it.'],
  traits: ['side-lunge', 'wide', 'slider'],
  prerequisites: ['side-lunge'],
  figure: {
    maker: 'side-lunge',
    spread: 0.52,
    hipY: 0.33,
    hold: 'forward',
    feet: 'wide',
    props: [{ kind: 'slider', under: 'far-foot' }],
  },
} as const satisfies Variation;
