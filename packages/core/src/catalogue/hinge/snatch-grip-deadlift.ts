import { PULL } from '../bases';
import { BAR_HEIGHT, GRIP, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Hands wide: a lower start and more upper back. */
export const snatchGripDeadlift = {
  ...PULL,
  id: 'snatch-grip-deadlift',
  name: 'Snatch-grip deadlift',
  aliases: ['wide-grip deadlift'],
  kneeShare: 0.14,
  emphasis: { glutes: 0.75, hamstrings: 0.75, 'low-back': 0.65, 'front-thigh': 0.4 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.3, trained: 0.65 },
  kit: [['barbell']],
  levers: [BAR_HEIGHT, GRIP, TEMPO],
  repRange: { low: 3, high: 6 },
  cues: ['Hips lower than usual', 'Bar brushes the legs', 'Stand tall, ribs down'],
  faults: ['back-moves-into-rounding', 'bell-drifts-forward', 'hips-shoot-up', 'grip-goes-first'],
  cautions: ['Straps are fair here.', 'A back that rounds further under load ends the set.'],
  traits: ['floor-pull', 'deep-hinge', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['deadlift'],
  figure: { maker: 'pull', shinDeg: 14, barCm: 22.5, loadKg: 60, implement: { piece: 'bar', at: 'hands', fullDiscs: true } },
} as const satisfies Variation;
