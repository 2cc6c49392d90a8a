import { CALF } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
import { inThePress } from '../../in-the-press';
import type { Variation } from '../../types';

/** On the leg press or a calf machine, legs long: only the ankles move. Numbers belong to this machine only. */
export const calfPress = {
  ...CALF,
  id: 'calf-press',
  name: 'Calf press',
  aliases: ['calf machine', 'calf raise on the leg press'],
  kneeShare: 0.5,
  emphasis: { calves: 1 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.4, trained: 0.8 },
  kit: [['leg-press']],
  levers: [RANGE, TEMPO],
  unloadedAllowed: false,
  bodyMassShare: 0,
  jumpOn: 'external',
  setUpSeconds: 60,
  holdsAt: { bottom: 'toes back', top: 'toes long' },
  cues: ['Balls of the feet on the edge of the plate', 'Knees soft and still', 'Full way both ways'],
  faults: ['range-short', 'bounces-at-the-bottom'],
  cautions: ['Stops set before the heels leave the plate.', 'Achilles pain: load by how it feels next morning.'],
  traits: ['calf-load', 'seated', 'two-leg-symmetric'],
  figure: inThePress(
    { kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 92 },
    { kind: 'ankle-at', x: 0.345, y: 0.478, toesDeg: 136 },
  ),
} as const satisfies Variation;
