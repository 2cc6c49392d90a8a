import { PULL } from '../bases';
import { BAR_HEIGHT, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Two bells, beside or between the feet. */
export const doubleKettlebellDeadlift = {
  ...PULL,
  id: 'double-kettlebell-deadlift',
  name: 'Two-bell deadlift',
  aliases: ['double kettlebell deadlift'],
  kneeShare: 0.15,
  emphasis: { glutes: 0.8, hamstrings: 0.65, 'low-back': 0.4 },
  loadPositions: ['sides'],
  firstLoadShare: { novice: 0.3, trained: 0.6 },
  kit: [['kettlebell-pair', 'dumbbell-pair']],
  levers: [BAR_HEIGHT, STANCE_WIDTH, TEMPO],
  repRange: { low: 6, high: 10 },
  setUpSeconds: 30,
  cues: ['Bells in line with the ankles', 'Slack out before they move', 'Squeeze to the top'],
  faults: ['back-moves-into-rounding', 'hinge-turns-into-a-squat', 'bell-drifts-forward', 'grip-goes-first'],
  cautions: ['Set them down with the back still set.'],
  traits: ['loaded-hinge', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['kettlebell-deadlift'],
  figure: {
    maker: 'hinge',
    kneeDeg: 60,
    hands: 0.17,
    handX: 0.06,
    loadKg: 40,
    legs: 'two',
    implement: { piece: 'bell', at: 'hands', pair: true },
  },
} as const satisfies Variation;
