import { POWER } from '../../bases';
import { RANGE } from '../../scales';
import type { Variation } from '../../types';

/** Down a little, up as high as a quiet landing allows. */
export const squatJump = {
  ...POWER,
  id: 'squat-jump',
  name: 'Squat jump',
  aliases: ['vertical jump'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.75, glutes: 0.8, calves: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE],
  unloadedAllowed: true,
  bodyMassShare: 0.88,
  setUpSeconds: 10,
  holdsAt: { bottom: 'loaded', top: 'in the air' },
  cues: ['Push the floor away', 'Quiet landing', 'Reset each rep'],
  faults: ['lands-instead-of-lowers', 'knees-cave'],
  cautions: ['Stop while it is still fast.'],
  traits: ['jump', 'two-leg-symmetric'],
  prerequisites: ['box-jump'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      top: {
        root: { at: 'hip', x: 0.04, y: 0.66 },
        trunkDeg: 2,
        near: { kind: 'on-ball', ballX: 0.1, soleDeg: 45, y: 0.1 },
        far: { kind: 'on-ball', ballX: 0.1, soleDeg: 45, y: 0.1 },
        arms: { kind: 'angles', upperDeg: 150, forearmDeg: 156 },
      },
      bottom: {
        root: { at: 'hip', x: -0.08, y: 0.37 },
        trunkDeg: 42,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        arms: { kind: 'angles', upperDeg: -38, forearmDeg: -34 },
      },
    },
  },
} as const satisfies Variation;
