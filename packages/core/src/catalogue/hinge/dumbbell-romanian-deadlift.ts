import { HINGE } from '../bases';
import { DEFICIT, RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Two dumbbells along the legs, knees nearly still; the bottom is a reference case of the posture model. */
export const dumbbellRomanianDeadlift = {
  ...HINGE,
  id: 'dumbbell-romanian-deadlift',
  name: 'Dumbbell Romanian deadlift',
  aliases: ['dumbbell RDL', 'soft-knee deadlift'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.9, glutes: 0.8, 'low-back': 0.4 },
  loadPositions: ['sides'],
  firstLoadShare: { novice: 0.25, trained: 0.6 },
  kit: [['dumbbell-pair', 'kettlebell-pair']],
  levers: [RANGE, DEFICIT, TEMPO],
  siblings: [
    { lever: 'base', way: 'harder', variationId: 'staggered-romanian-deadlift' },
    { lever: 'load-position', way: 'harder', variationId: 'romanian-deadlift' },
  ],
  cues: ['Hips back, shins still', 'Weights brush the legs', 'As low as the back stays set'],
  faults: [
    'back-moves-into-rounding',
    'hinge-turns-into-a-squat',
    'bell-drifts-forward',
    'range-short',
    'no-full-hip-extension',
    'tempo-lost',
    'grip-goes-first',
  ],
  cautions: ['A back that rounds further under load ends the set.', 'Sore low back: less depth, less load.'],
  traits: ['deep-hinge', 'loaded-hinge', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['kettlebell-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 20,
    hands: 0.2,
    loadKg: 40,
    legs: 'two',
    implement: { piece: 'dumbbell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
