import { ONE_LEG_HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The back foot rests on a low step: less help than the floor gives. */
export const rearFootOnStepRomanianDeadlift = {
  ...ONE_LEG_HINGE,
  id: 'rear-foot-on-step-romanian-deadlift',
  name: 'Rear foot on a low step Romanian deadlift',
  aliases: ['rear-foot-raised RDL'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.85, glutes: 0.85, 'side-hip': 0.4, balance: 0.4 },
  loadPositions: ['sides'],
  kit: [['low-step']],
  levers: [RANGE, TEMPO],
  cues: ['Back foot only steadies', 'Hips square to the floor', 'Long back'],
  faults: ['hips-twist', 'wobble', 'back-moves-into-rounding', 'range-short'],
  cautions: ['Load only when the hips stay square.'],
  traits: ['one-leg-hinge', 'loaded-hinge'],
  prerequisites: ['staggered-romanian-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 18,
    hands: 0.21,
    loadKg: 16,
    legs: 'rear-on-step',
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
