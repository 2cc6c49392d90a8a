import { ONE_LEG_HINGE } from '../bases';
import { RANGE, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One hand on a rack or chair, the free leg goes back. */
export const supportedOneLegRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'supported-one-leg-romanian-deadlift',
  name: 'Supported one-leg Romanian deadlift',
  aliases: ['assisted single-leg RDL'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.85, 'side-hip': 0.5 },
  loadPositions: ['suitcase'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [['rack', 'chair', 'wall', 'stick']],
  levers: [SUPPORTED, RANGE, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'one-leg-romanian-deadlift' }],
  cues: ['Head to heel one line', 'Belt line level', 'Hand helps, doesn’t hold'],
  faults: ['hips-twist', 'wobble', 'back-moves-into-rounding', 'range-short'],
  cautions: ['Load only when the hips stay square.'],
  traits: ['one-leg-hinge', 'supported'],
  prerequisites: ['staggered-romanian-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 18,
    hands: 0.23,
    loadKg: 12,
    legs: 'one',
    held: true,
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
