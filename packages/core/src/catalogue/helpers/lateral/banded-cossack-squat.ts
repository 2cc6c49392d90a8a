import { LATERAL } from '../../bases';
import { LIGHT_BAND, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** A light band pulled apart in front helps a beginner to stay upright. */
export const bandedCossackSquat = {
  ...LATERAL,
  id: 'banded-cossack-squat',
  name: 'Cossack squat, band held in front',
  aliases: ['banded Cossack squat'],
  kneeShare: 0.5,
  emphasis: { adductors: 0.85, 'front-thigh': 0.6, glutes: 0.6, trunk: 0.4, mobility: 0.7 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['band']],
  levers: [LIGHT_BAND, RANGE, TEMPO],
  siblings: [{ lever: 'load-position', way: 'harder', variationId: 'overhead-band-cossack-squat' }],
  stance: 'alternating',
  repRange: { low: 5, high: 8 },
  cues: ['Pull the band apart', 'Sit deep over one heel', 'Chest stays up'],
  faults: ['heels-lift', 'chest-falls', 'range-short', 'wobble'],
  cautions: ['Sore shoulders: without the band.'],
  traits: ['cossack', 'wide', 'side-lunge', 'end-range'],
  prerequisites: ['supported-cossack-squat'],
  figure: {
    maker: 'side-lunge',
    spread: 0.6,
    hipY: 0.2,
    hold: 'apart',
    feet: 'wide',
    toesUp: true,
    props: [{ kind: 'hands-band' }],
  },
} as const satisfies Variation;
