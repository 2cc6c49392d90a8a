import { LATERAL } from '../../bases';
import { RANGE, SUPPORTED, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Wide feet, deep over one leg, hands on a support. */
export const supportedCossackSquat = {
  ...LATERAL,
  id: 'supported-cossack-squat',
  name: 'Supported Cossack squat',
  aliases: ['assisted side squat'],
  kneeShare: 0.5,
  emphasis: { adductors: 0.8, 'front-thigh': 0.55, glutes: 0.6, mobility: 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['stick', 'wall', 'strap']],
  levers: [SUPPORTED, RANGE, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'cossack-squat' }],
  repRange: { low: 5, high: 8 },
  cues: ['Toes 15 to 30 degrees out', 'Heel of the bent leg down', 'Straight leg’s toes up'],
  faults: ['heels-lift', 'knees-cave', 'range-short', 'hips-twist'],
  cautions: ['Unloaded the back may round a little; loaded it may not.'],
  traits: ['cossack', 'wide', 'side-lunge', 'supported'],
  prerequisites: ['side-lunge'],
  figure: {
    maker: 'side-lunge',
    spread: 0.6,
    hipY: 0.22,
    hold: 'support',
    feet: 'wide',
    toesUp: true,
    props: [{ kind: 'pole', x: -0.14, h: 0.6 }],
  },
} as const satisfies Variation;
