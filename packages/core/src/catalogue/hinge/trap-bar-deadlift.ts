import { PULL } from '../bases';
import { DEFICIT, FROM_BLOCKS, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Standing inside the bar; high handles first, low ones later. */
export const trapBarDeadlift = {
  ...PULL,
  id: 'trap-bar-deadlift',
  name: 'Trap-bar deadlift',
  aliases: ['hex-bar deadlift'],
  kneeShare: 0.3,
  emphasis: { glutes: 0.8, 'front-thigh': 0.55, hamstrings: 0.6, 'low-back': 0.4 },
  loadPositions: ['trap-bar'],
  firstLoadShare: { novice: 0.4, trained: 1 },
  kit: [['trap-bar']],
  levers: [FROM_BLOCKS, DEFICIT, TEMPO],
  repRange: { low: 5, high: 8 },
  cues: ['Middle of the foot under the handles', 'Slack out, then push the floor', 'Stand tall, ribs down'],
  faults: ['back-moves-into-rounding', 'hips-shoot-up', 'leans-back-at-lock-out', 'bounces-at-the-bottom', 'grip-goes-first'],
  cautions: ['Collars on.', 'A back that rounds further under load ends the set.'],
  traits: ['floor-pull', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['kettlebell-deadlift'],
  figure: { maker: 'pull', shinDeg: 15, barCm: 38, loadKg: 80, implement: { piece: 'trap-bar', at: 'hands' } },
} as const satisfies Variation;
