import { LUNGE } from '../bases';
import { STRIDE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** A weight locked overhead: trunk and shoulders have to agree before the legs do. */
export const overheadLunge = {
  ...LUNGE,
  id: 'overhead-lunge',
  name: 'Overhead lunge',
  aliases: ['overhead walking lunge'],
  kneeShare: 0.46,
  emphasis: { 'front-thigh': 0.7, glutes: 0.7, trunk: 0.8, balance: 0.6 },
  loadPositions: ['overhead'],
  firstLoadShare: { novice: 0.05, trained: 0.15 },
  kit: [['kettlebell', 'dumbbell', 'barbell']],
  levers: [STRIDE, TEMPO],
  unloadedAllowed: false,
  jumpOn: 'external',
  stance: 'alternating',
  repRange: { low: 5, high: 8 },
  cues: ['Arm by the ear', 'Ribs down', 'Slow steps'],
  faults: ['low-back-over-arches', 'wobble', 'trunk-tips', 'knees-cave'],
  cautions: ['Sore shoulder: locked.', 'Start with less than feels needed.'],
  traits: ['overhead', 'walking', 'forward-step'],
  prerequisites: ['front-rack-lunge'],
  figure: {
    maker: 'split',
    step: 'forward',
    carry: 'overhead',
    hold: 'overhead',
    leanDeg: 3,
    strideCm: 74,
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
