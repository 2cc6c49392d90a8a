import { LATERAL } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** A light weight in front balances the deep side squat, a heavier one loads it. */
export const gobletCossackSquat = {
  ...LATERAL,
  id: 'goblet-cossack-squat',
  name: 'Goblet Cossack squat',
  aliases: ['counterweight Cossack squat'],
  kneeShare: 0.5,
  emphasis: { adductors: 0.85, 'front-thigh': 0.65, glutes: 0.65, mobility: 0.6 },
  loadPositions: ['goblet', 'counterweight'],
  firstLoadShare: { novice: 0.05, trained: 0.15 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [RANGE, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'cossack-squat' }],
  stance: 'alternating',
  unloadedAllowed: false,
  jumpOn: 'external',
  repRange: { low: 5, high: 8 },
  cues: ['Chest behind the weight', 'Heel down', 'Move across slowly'],
  faults: ['heels-lift', 'knees-cave', 'low-back-rounds', 'wobble'],
  cautions: ['Loaded: the back stays long.'],
  traits: ['cossack', 'wide', 'side-lunge', 'end-range', 'hand-held'],
  prerequisites: ['cossack-squat'],
  figure: {
    maker: 'side-lunge',
    spread: 0.6,
    hipY: 0.2,
    hold: 'goblet',
    feet: 'wide',
    toesUp: true,
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
