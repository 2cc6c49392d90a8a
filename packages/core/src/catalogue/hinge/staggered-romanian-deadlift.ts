import { ONE_LEG_HINGE } from '../bases';
import { RANGE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Back toes beside the front heel: thighs parallel, weight on the front foot. */
export const staggeredRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'staggered-romanian-deadlift',
  name: 'Staggered-stance Romanian deadlift',
  aliases: ['kickstand Romanian deadlift', 'B-stance RDL'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.85, 'side-hip': 0.3, balance: 0.3 },
  loadPositions: ['sides'],
  kit: [],
  levers: [RANGE, SUPPORT, TEMPO],
  siblings: [
    { lever: 'base', way: 'easier', variationId: 'dumbbell-romanian-deadlift' },
    { lever: 'base', way: 'harder', variationId: 'one-leg-romanian-deadlift' },
  ],
  stance: 'staggered',
  cues: [
    'Weight on the front foot',
    'Back foot works: press it back and into the floor',
    'Out at the bottom: low ribs and pelvis come together',
    'Hips square to the floor',
    'Shins still',
  ],
  faults: ['hips-twist', 'hinge-turns-into-a-squat', 'back-moves-into-rounding', 'wobble'],
  cautions: ['Load only when the hips stay square.'],
  traits: ['loaded-hinge'],
  prerequisites: ['dumbbell-romanian-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 18,
    hands: 0.21,
    loadKg: 16,
    legs: 'staggered',
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
