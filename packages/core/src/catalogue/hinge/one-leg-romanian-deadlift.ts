import { ONE_LEG_HINGE } from '../bases';
import { RANGE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Head to heel one line over one leg; the weight in the opposite hand first. */
export const oneLegRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'one-leg-romanian-deadlift',
  name: 'One-leg Romanian deadlift',
  aliases: ['single-leg RDL', 'opposite-side load'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.9, 'side-hip': 0.6, balance: 0.7 },
  loadPositions: ['suitcase'],
  kit: [],
  levers: [SUPPORT, RANGE, TEMPO],
  siblings: [
    { lever: 'base', way: 'easier', variationId: 'staggered-romanian-deadlift' },
    { lever: 'support', way: 'easier', variationId: 'supported-one-leg-romanian-deadlift' },
    { lever: 'load-position', way: 'harder', variationId: 'same-side-one-leg-romanian-deadlift' },
  ],
  cues: ['Head to heel one line', 'Belt line level', 'Back pocket to the ceiling'],
  faults: ['hips-twist', 'wobble', 'back-moves-into-rounding', 'range-short'],
  cautions: ['Load only when the hips stay square.'],
  traits: ['one-leg-hinge', 'one-leg-unsupported', 'loaded-hinge'],
  prerequisites: ['supported-one-leg-romanian-deadlift'],
  figure: { maker: 'hinge', kneeDeg: 18, hands: 0.22, loadKg: 12, legs: 'one', implement: { piece: 'dumbbell', at: 'hands' } },
} as const satisfies Variation;
