import { PULL } from '../bases';
import { BAR_HEIGHT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One bell beside the foot: the trunk must not tip. */
export const suitcaseDeadlift = {
  ...PULL,
  id: 'suitcase-deadlift',
  name: 'Suitcase deadlift',
  aliases: ['one-side deadlift'],
  kneeShare: 0.15,
  emphasis: { glutes: 0.75, hamstrings: 0.6, trunk: 0.6 },
  loadPositions: ['suitcase'],
  firstLoadShare: { novice: 0.12, trained: 0.3 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [BAR_HEIGHT, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'kettlebell-deadlift' }],
  stance: 'one-side',
  repRange: { low: 6, high: 10 },
  jumpOn: 'external',
  setUpSeconds: 25,
  cues: ['Shoulders level', 'Hips back', 'Stand straight up'],
  faults: ['hips-shift', 'trunk-tips', 'back-moves-into-rounding', 'hips-twist'],
  cautions: ['Both sides, the same reps.'],
  traits: ['loaded-hinge', 'hand-held'],
  prerequisites: ['kettlebell-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 62,
    hands: 0.17,
    handX: 0.06,
    loadKg: 20,
    legs: 'two',
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
