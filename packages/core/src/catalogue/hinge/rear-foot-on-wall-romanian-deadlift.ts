import { ONE_LEG_HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The back foot pushes into a wall behind. */
export const rearFootOnWallRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'rear-foot-on-wall-romanian-deadlift',
  name: 'Rear foot on the wall Romanian deadlift',
  aliases: ['wall one-leg RDL'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.85, 'side-hip': 0.4, balance: 0.45 },
  loadPositions: ['sides'],
  kit: [['wall']],
  levers: [RANGE, TEMPO],
  cues: ['Push the wall away', 'Hips square to the floor', 'Long back'],
  faults: ['hips-twist', 'wobble', 'back-moves-into-rounding', 'range-short'],
  cautions: ['Load only when the hips stay square.'],
  traits: ['one-leg-hinge', 'loaded-hinge'],
  prerequisites: ['rear-foot-on-step-romanian-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 18,
    hands: 0.21,
    loadKg: 16,
    legs: 'rear-on-wall',
    implement: { piece: 'dumbbell', at: 'hands' },
  },
} as const satisfies Variation;
