import { LATERAL } from '../../bases';
import { COUNTERWEIGHT, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Wide feet, side to side, deep over one leg with nothing to hold. */
export const cossackSquat = {
  ...LATERAL,
  id: 'cossack-squat',
  name: 'Cossack squat',
  aliases: ['deep side squat'],
  kneeShare: 0.5,
  emphasis: { adductors: 0.85, 'front-thigh': 0.6, glutes: 0.6, mobility: 0.7, balance: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [{ ...COUNTERWEIGHT, usual: COUNTERWEIGHT.steps.length - 1 }, RANGE, TEMPO],
  siblings: [
    { lever: 'support', way: 'easier', variationId: 'supported-cossack-squat' },
    { lever: 'load-position', way: 'harder', variationId: 'goblet-cossack-squat' },
  ],
  stance: 'alternating',
  repRange: { low: 5, high: 8 },
  cues: ['Sit deep over one heel', 'Straight leg long, toes up', 'Slide across, don’t pop up'],
  faults: ['heels-lift', 'knees-cave', 'range-short', 'wobble'],
  cautions: ['Sore groin or a hip that pinches: leave it.'],
  traits: ['cossack', 'wide', 'side-lunge', 'end-range'],
  prerequisites: ['supported-cossack-squat'],
  figure: { maker: 'side-lunge', spread: 0.6, hipY: 0.2, hold: 'forward', feet: 'wide', toesUp: true },
} as const satisfies Variation;
