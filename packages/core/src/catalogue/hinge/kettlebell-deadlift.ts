import { PULL } from '../bases';
import { BAR_HEIGHT, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bell between the feet: the nearer the weight, the less the back pays. */
export const kettlebellDeadlift = {
  ...PULL,
  id: 'kettlebell-deadlift',
  name: 'Kettlebell deadlift',
  aliases: ['bell deadlift'],
  kneeShare: 0.15,
  emphasis: { glutes: 0.8, hamstrings: 0.65, 'low-back': 0.4, 'front-thigh': 0.3 },
  loadPositions: ['between-feet'],
  firstLoadShare: { novice: 0.2, trained: 0.4 },
  kit: [['kettlebell', 'dumbbell']],
  levers: [BAR_HEIGHT, STANCE_WIDTH, TEMPO],
  siblings: [{ lever: 'load-position', way: 'harder', variationId: 'suitcase-deadlift' }],
  repRange: { low: 8, high: 12 },
  setUpSeconds: 25,
  cues: ['Bell between the heels', 'Slack out before it moves', 'Squeeze to the top'],
  faults: ['low-back-rounds', 'back-moves-into-rounding', 'hinge-turns-into-a-squat', 'leans-back-at-lock-out', 'range-short'],
  cautions: ['Weight between the feet, not in front of them.'],
  traits: ['loaded-hinge', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['wall-tap-hinge'],
  figure: {
    maker: 'hinge',
    kneeDeg: 60,
    hands: 0.16,
    handX: 0.057,
    loadKg: 24,
    legs: 'two',
    implement: { piece: 'bell', at: 'hands' },
  },
} as const satisfies Variation;
