import { ONE_LEG_HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The weight in the hand of the working leg: it pulls the hips round. */
export const sameSideOneLegRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'same-side-one-leg-romanian-deadlift',
  name: 'One-leg Romanian deadlift, same-side load',
  aliases: ['ipsilateral single-leg RDL'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.85, 'side-hip': 0.7, balance: 0.7, trunk: 0.4 },
  loadPositions: ['suitcase'],
  kit: [['kettlebell', 'dumbbell']],
  levers: [RANGE, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'one-leg-romanian-deadlift' }],
  unloadedAllowed: false,
  cues: ['Don’t let the weight turn you', 'Belt line level', 'Long back'],
  faults: ['hips-twist', 'wobble', 'back-moves-into-rounding', 'range-short'],
  cautions: ['Lighter than with the opposite hand.'],
  traits: ['one-leg-hinge', 'one-leg-unsupported', 'loaded-hinge', 'twisting'],
  prerequisites: ['one-leg-romanian-deadlift'],
  figure: { maker: 'hinge', kneeDeg: 18, hands: 0.22, loadKg: 12, legs: 'one', implement: { piece: 'bell', at: 'hands' } },
} as const satisfies Variation;
