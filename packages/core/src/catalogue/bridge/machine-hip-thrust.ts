import { THRUST } from '../bases';
import { FOOT_DISTANCE, TEMPO, TOP_HOLD } from '../scales';
import type { Variation } from '../types';

/** Back on the pad, belt or roller on the hips. */
export const machineHipThrust = {
  ...THRUST,
  id: 'machine-hip-thrust',
  name: 'Machine hip thrust',
  aliases: ['thrust machine', 'hip press'],
  kneeShare: 0.05,
  emphasis: { glutes: 1, hamstrings: 0.4 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.3, trained: 0.9 },
  kit: [['thrust-machine']],
  levers: [FOOT_DISTANCE, TOP_HOLD, TEMPO],
  unloadedAllowed: false,
  bodyMassShare: 0.2,
  cues: ['Ribs down, chin tucked', 'Heels under the knees at the top', 'Squeeze to the top'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'felt-in-low-back', 'range-short'],
  cautions: ['Numbers belong to this machine only.'],
  traits: ['hip-bar', 'two-leg-symmetric'],
  prerequisites: ['hip-thrust'],
  figure: {
    maker: 'bridge',
    benchCm: 40,
    legs: 'two',
    arms: 'on-hips',
    implement: { piece: 'bar', at: 'hips' },
    props: [
      { kind: 'line', from: { x: -0.2, y: 0 }, to: { x: -0.2, y: 0.42 }, look: 'frame' },
      { kind: 'line', from: { x: -0.2, y: 0.42 }, to: 'hip', look: 'frame' },
    ],
  },
} as const satisfies Variation;
