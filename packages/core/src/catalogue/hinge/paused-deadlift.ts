import { PULL } from '../bases';
import { BAR_HEIGHT, GRIP, PAUSED } from '../scales';
import type { Variation } from '../types';

/** A still second below the knee: position under load. */
export const pausedDeadlift = {
  ...PULL,
  id: 'paused-deadlift',
  name: 'Paused deadlift',
  aliases: ['pause deadlift'],
  kneeShare: 0.1,
  emphasis: { glutes: 0.8, hamstrings: 0.75, 'low-back': 0.65 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.35, trained: 0.75 },
  kit: [['barbell']],
  levers: [BAR_HEIGHT, GRIP, PAUSED],
  repRange: { low: 3, high: 5 },
  tempo: { lowering: 2, bottom: 0, lifting: 2, top: 1 },
  cues: ['Pause with the bar on the shin', 'Lats hold it close', 'Chest and hips up together'],
  faults: ['back-moves-into-rounding', 'bell-drifts-forward', 'hips-shoot-up', 'grip-goes-first'],
  cautions: ['Lighter than the unpaused pull.'],
  traits: ['floor-pull', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['deadlift'],
  figure: { maker: 'pull', shinDeg: 9, barCm: 30, loadKg: 70, implement: { piece: 'bar', at: 'hands', fullDiscs: true } },
} as const satisfies Variation;
