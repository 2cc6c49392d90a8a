import { PULL } from '../bases';
import { BAR_HEIGHT, GRIP, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Feet on a low board: a longer pull. */
export const deficitDeadlift = {
  ...PULL,
  id: 'deficit-deadlift',
  name: 'Deficit deadlift',
  aliases: ['raised-foot deadlift'],
  kneeShare: 0.12,
  emphasis: { glutes: 0.8, hamstrings: 0.8, 'low-back': 0.65, 'front-thigh': 0.4 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.35, trained: 0.8 },
  kit: [['barbell'], ['low-step', 'small-plates']],
  levers: [BAR_HEIGHT, GRIP, TEMPO],
  siblings: [{ lever: 'range', way: 'easier', variationId: 'deadlift' }],
  repRange: { low: 3, high: 6 },
  cues: ['Hips a little lower', 'Slack out of the bar first', 'Push the floor away'],
  faults: ['back-moves-into-rounding', 'hips-shoot-up', 'bell-drifts-forward', 'grip-goes-first'],
  cautions: ['Only where the back stays set down there.'],
  traits: ['floor-pull', 'deficit', 'deep-hinge', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['deadlift'],
  figure: {
    maker: 'pull',
    shinDeg: 13,
    barCm: 22.5,
    onBoardCm: 5,
    loadKg: 70,
    implement: { piece: 'bar', at: 'hands', fullDiscs: true },
  },
} as const satisfies Variation;
