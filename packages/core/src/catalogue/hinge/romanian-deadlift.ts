import { HINGE } from '../bases';
import { DEFICIT, GRIP, RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Bar along the legs, from the top down. */
export const romanianDeadlift = {
  ...HINGE,
  id: 'romanian-deadlift',
  name: 'Romanian deadlift',
  aliases: ['bar RDL', 'barbell Romanian deadlift'],
  kneeShare: 0.05,
  emphasis: { hamstrings: 0.95, glutes: 0.8, 'low-back': 0.5 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.3, trained: 0.7 },
  kit: [['barbell']],
  levers: [RANGE, GRIP, DEFICIT, TEMPO],
  siblings: [{ lever: 'load-position', way: 'easier', variationId: 'dumbbell-romanian-deadlift' }],
  setUpSeconds: 90,
  cues: ['Bar brushes the legs', 'Hips back, shins still', 'As low as the back stays set'],
  faults: [
    'back-moves-into-rounding',
    'bell-drifts-forward',
    'hinge-turns-into-a-squat',
    'no-full-hip-extension',
    'grip-goes-first',
  ],
  cautions: ['A back that rounds further under load ends the set.'],
  traits: ['deep-hinge', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['dumbbell-romanian-deadlift'],
  figure: { maker: 'hinge', kneeDeg: 20, hands: 0.2, loadKg: 75, legs: 'two', implement: { piece: 'bar', at: 'hands' } },
} as const satisfies Variation;
