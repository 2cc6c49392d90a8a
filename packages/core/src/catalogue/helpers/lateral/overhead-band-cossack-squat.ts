import { LATERAL } from '../../bases';
import { LIGHT_BAND, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** The band goes overhead: the hardest of its ladder on trunk and shoulders. */
export const overheadBandCossackSquat = {
  ...LATERAL,
  id: 'overhead-band-cossack-squat',
  name: 'Cossack squat, band overhead',
  aliases: ['overhead Cossack squat'],
  kneeShare: 0.5,
  emphasis: { adductors: 0.85, 'front-thigh': 0.6, trunk: 0.6, mobility: 0.8 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['band']],
  levers: [LIGHT_BAND, RANGE, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'banded-cossack-squat' }],
  stance: 'alternating',
  repRange: { low: 4, high: 6 },
  cues: ['Pull the band apart overhead', 'Ribs down', 'Sit deep over one heel'],
  faults: ['heels-lift', 'low-back-over-arches', 'range-short', 'wobble'],
  cautions: ['Sore shoulders: in front instead.'],
  traits: ['cossack', 'wide', 'side-lunge', 'end-range', 'overhead'],
  prerequisites: ['banded-cossack-squat'],
  figure: {
    maker: 'side-lunge',
    spread: 0.6,
    hipY: 0.2,
    hold: 'overhead',
    feet: 'wide',
    toesUp: true,
    props: [{ kind: 'hands-band' }],
  },
} as const satisfies Variation;
