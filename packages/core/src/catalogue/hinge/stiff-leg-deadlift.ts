import { HINGE } from '../bases';
import { GRIP, RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Knees almost straight: the longest hamstrings of the bar hinges. */
export const stiffLegDeadlift = {
  ...HINGE,
  id: 'stiff-leg-deadlift',
  name: 'Stiff-leg deadlift',
  aliases: ['straight-leg deadlift'],
  kneeShare: 0.02,
  emphasis: { hamstrings: 1, glutes: 0.65, 'low-back': 0.6 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.25, trained: 0.6 },
  kit: [['barbell']],
  levers: [RANGE, GRIP, TEMPO],
  setUpSeconds: 90,
  cues: ['Soft, still knees', 'Hips back first', 'Long back'],
  faults: ['back-moves-into-rounding', 'bell-drifts-forward', 'range-short', 'grip-goes-first'],
  cautions: ['Lighter than the Romanian.', 'A back that rounds further under load ends the set.'],
  traits: ['deep-hinge', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric', 'end-range'],
  prerequisites: ['romanian-deadlift'],
  figure: { maker: 'hinge', kneeDeg: 8, hands: 0.22, loadKg: 60, legs: 'two', implement: { piece: 'bar', at: 'hands' } },
} as const satisfies Variation;
