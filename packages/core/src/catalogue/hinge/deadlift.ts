import { PULL } from '../bases';
import { BAR_HEIGHT, DEFICIT, GRIP, TEMPO } from '../scales';
import type { Variation } from '../types';

/** From the floor: legs push it to the knee, hips finish it, the reverse on the way down. */
export const deadlift = {
  ...PULL,
  id: 'deadlift',
  name: 'Hip-width deadlift',
  aliases: ['deadlift', 'conventional deadlift', 'bar deadlift'],
  kneeShare: 0.1,
  emphasis: { glutes: 0.8, hamstrings: 0.75, 'low-back': 0.6, 'front-thigh': 0.35 },
  loadPositions: ['bar-in-hands'],
  firstLoadShare: { novice: 0.4, trained: 0.9 },
  kit: [['barbell']],
  levers: [BAR_HEIGHT, DEFICIT, GRIP, TEMPO],
  siblings: [
    { lever: 'range', way: 'easier', variationId: 'block-deadlift' },
    { lever: 'range', way: 'harder', variationId: 'deficit-deadlift' },
  ],
  repRange: { low: 3, high: 6 },
  cues: ['Shins close, hands straight down', 'Slack out of the bar first', 'Push the floor away, then hips through'],
  faults: [
    'back-moves-into-rounding',
    'hips-shoot-up',
    'bell-drifts-forward',
    'leans-back-at-lock-out',
    'bounces-at-the-bottom',
    'grip-goes-first',
  ],
  cautions: ['Discs of about 45 cm or blocks.', 'A back that rounds further under load ends the set.'],
  traits: ['floor-pull', 'loaded-hinge', 'heavy-brace', 'hand-held', 'two-leg-symmetric'],
  prerequisites: ['wide-stance-deadlift'],
  figure: { maker: 'pull', shinDeg: 12, barCm: 22.5, loadKg: 80, implement: { piece: 'bar', at: 'hands', fullDiscs: true } },
} as const satisfies Variation;
