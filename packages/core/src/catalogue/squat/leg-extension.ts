import { PREP } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Seated, the knee straightens against the machine. */
export const legExtension = {
  ...PREP,
  id: 'leg-extension',
  name: 'Leg extension',
  aliases: ['knee extension machine'],
  kneeShare: 1,
  emphasis: { 'front-thigh': 1 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.1, trained: 0.3 },
  kit: [['leg-extension']],
  levers: [RANGE, TEMPO],
  family: 'squat',
  unloadedAllowed: false,
  jumpOn: 'external',
  repRange: { low: 10, high: 20 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'knees bent', top: 'legs long' },
  setUpSeconds: 40,
  cues: ['Knee in line with the axle', 'Straighten, hold, slow down', 'Tail stays down'],
  faults: ['range-short', 'tempo-lost', 'breath-held'],
  cautions: ['Front-of-knee pain: part range.', 'Numbers belong to this machine only.'],
  traits: ['seated', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'hip', x: 0, y: 0.33 },
        trunkDeg: -12,
        near: { kind: 'free', thighDeg: 88, shankDeg: 82 },
        far: { kind: 'free', thighDeg: 88, shankDeg: 82 },
        arms: { kind: 'held', along: 0.02, front: 0.09 },
      },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.33 },
        trunkDeg: -12,
        near: { kind: 'free', thighDeg: 88, shankDeg: -8 },
        far: { kind: 'free', thighDeg: 88, shankDeg: -8 },
        arms: { kind: 'held', along: 0.02, front: 0.09 },
      },
      props: [
        { kind: 'box', x: -0.09, w: 0.27, h: 0.29, label: 'seat' },
        { kind: 'line', from: { x: -0.07, y: 0.28 }, to: { x: -0.14, y: 0.6 }, look: 'frame' },
      ],
    },
  },
} as const satisfies Variation;
