import { POWER } from '../../bases';
import { RANGE } from '../../scales';
import type { Variation } from '../../types';

/** Forward and landed: hips throw, the landing sticks. */
export const broadJump = {
  ...POWER,
  id: 'broad-jump',
  name: 'Broad jump',
  aliases: ['standing long jump'],
  kneeShare: 0.4,
  emphasis: { glutes: 0.9, hamstrings: 0.6, 'front-thigh': 0.6 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE],
  unloadedAllowed: true,
  bodyMassShare: 0.88,
  setUpSeconds: 15,
  holdsAt: { bottom: 'loaded', top: 'in the air' },
  cues: ['Throw the arms', 'Land soft, whole foot', 'Stick it'],
  faults: ['lands-instead-of-lowers', 'knees-cave', 'wobble'],
  cautions: ['Clear three metres; grippy floor.'],
  traits: ['jump', 'two-leg-symmetric'],
  prerequisites: ['box-jump'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      top: {
        root: { at: 'hip', x: 0.32, y: 0.6 },
        trunkDeg: 34,
        near: { kind: 'on-ball', ballX: 0.1, soleDeg: 50, y: 0.16 },
        far: { kind: 'on-ball', ballX: 0.1, soleDeg: 50, y: 0.16 },
        arms: { kind: 'angles', upperDeg: 140, forearmDeg: 146 },
      },
      bottom: {
        root: { at: 'hip', x: -0.08, y: 0.37 },
        trunkDeg: 46,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        arms: { kind: 'angles', upperDeg: -44, forearmDeg: -40 },
      },
    },
  },
} as const satisfies Variation;
