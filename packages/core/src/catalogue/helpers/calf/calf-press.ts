import { CALF } from '../../bases';
import { RANGE, TEMPO } from '../../scales';
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
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 128 },
      farFoot: { kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 128 },
      top: {
        root: { at: 'hip', x: 0, y: 0.19 },
        trunkDeg: -42,
        headDeg: -30,
        near: { kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 92 },
        far: { kind: 'ankle-at', x: 0.352, y: 0.49, toesDeg: 92 },
        arms: { kind: 'held', along: 0.04, front: 0.06 },
      },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.19 },
        trunkDeg: -42,
        headDeg: -30,
        near: { kind: 'ankle-at', x: 0.345, y: 0.478, toesDeg: 136 },
        far: { kind: 'ankle-at', x: 0.345, y: 0.478, toesDeg: 136 },
        arms: { kind: 'held', along: 0.04, front: 0.06 },
      },
      props: [
        { kind: 'line', from: { x: -0.06, y: 0.13 }, to: { x: -0.29, y: 0.38 }, look: 'frame' },
        { kind: 'line', from: { x: -0.06, y: 0.13 }, to: { x: 0.1, y: 0.1 }, look: 'frame' },
        { kind: 'footplate' },
      ],
    },
  },
} as const satisfies Variation;
