import { TRUNK } from '../../bases';
import { ON_THE_FIST, RANGE, TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Lying to standing and back under a weight held up; unloaded first, then a light bell. */
export const getUp = {
  ...TRUNK,
  id: 'get-up',
  name: 'Get-up',
  aliases: ['Turkish get-up', 'floor-to-stand get-up'],
  kneeShare: 0.3,
  emphasis: { trunk: 0.9, glutes: 0.5, 'front-thigh': 0.4, balance: 0.5 },
  loadPositions: ['overhead'],
  kit: [],
  levers: [ON_THE_FIST, RANGE, TEMPO],
  stance: 'one-side',
  repRange: { low: 1, high: 3 },
  startsAt: 'bottom',
  holdsAt: { bottom: 'half-kneeling', top: 'standing' },
  firstLoadShare: { novice: 0, trained: 0.1 },
  jumpOn: 'external',
  cues: ['Arm plumb all the way', 'One stage at a time', 'Down the same road'],
  faults: ['wobble', 'tempo-lost', 'breath-held'],
  cautions: ['Loaded only when a balanced block never falls.', 'A bell goes round the head, never over the face.'],
  traits: ['get-up', 'kneeling', 'overhead'],
  prerequisites: ['get-up-to-half-kneel'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.42 },
      farFoot: { kind: 'ankle-at', x: 0.02, y: 0.03, toesDeg: 180 },
      top: {
        root: { at: 'hip', x: 0.42, y: 0.52 },
        trunkDeg: 0,
        near: { kind: 'ankle-at', x: 0.458, y: 0.039, toesDeg: 0 },
        far: { kind: 'ankle-at', x: 0.41, y: 0.039, toesDeg: 0 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: 4, forearmDeg: 10 },
      },
      between: [
        {
          root: { at: 'hip', x: 0.32, y: 0.38 },
          trunkDeg: 6,
          near: { kind: 'ankle-at', x: 0.458, y: 0.039, toesDeg: 0 },
          far: { kind: 'ankle-at', x: 0.16, y: 0.09, toesDeg: -50 },
          arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
          farArms: { kind: 'angles', upperDeg: 6, forearmDeg: 12 },
        },
      ],
      bottom: {
        root: { at: 'hip', x: 0.24, y: 0.275 },
        trunkDeg: 0,
        near: { kind: 'ankle-at', x: 0.458, y: 0.039, toesDeg: 0 },
        far: { kind: 'ankle-at', x: 0.02, y: 0.03, toesDeg: -90 },
        arms: { kind: 'angles', upperDeg: 180, forearmDeg: 180 },
        farArms: { kind: 'angles', upperDeg: 6, forearmDeg: 14 },
      },
      implement: { piece: 'bell', at: 'hands' },
    },
  },
} as const satisfies Variation;
