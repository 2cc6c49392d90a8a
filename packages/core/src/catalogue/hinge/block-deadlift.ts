import { PULL } from '../bases';
import { FROM_BLOCKS, GRIP, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The bar stands on blocks: the pull starts where the back can be set. */
export const blockDeadlift = {
  ...PULL,
  id: 'block-deadlift',
  name: 'Deadlift from blocks',
  aliases: ['rack pull', 'raised deadlift'],
  kneeShare: 0.1,
  emphasis: { glutes: 0.8, hamstrings: 0.7, 'low-back': 0.5 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.4, trained: 0.9 },
  kit: [['barbell'], ['box', 'rack', 'second-bench']],
  levers: [FROM_BLOCKS, GRIP, TEMPO],
  siblings: [{ lever: 'range', way: 'harder', variationId: 'deadlift' }],
  repRange: { low: 4, high: 8 },
  cues: ['Shins close to the bar', 'Slack out of the bar first', 'Push the floor away'],
  faults: ['back-moves-into-rounding', 'hips-shoot-up', 'bell-drifts-forward', 'leans-back-at-lock-out', 'grip-goes-first'],
  cautions: ['Blocks flat and equal.', 'A back that rounds further under load ends the set.'],
  traits: ['floor-pull', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['romanian-deadlift'],
  figure: { maker: 'pull', shinDeg: 8, barCm: 38, loadKg: 80, implement: { piece: 'bar', at: 'hands', fullDiscs: true } },
} as const satisfies Variation;
