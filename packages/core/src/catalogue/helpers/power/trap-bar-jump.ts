import { POWER } from '../../bases';
import { FROM_BLOCKS } from '../../scales';
import type { Variation } from '../../types';

/** A light trap bar at the sides: the last of the jumps. */
export const trapBarJump = {
  ...POWER,
  id: 'trap-bar-jump',
  name: 'Trap-bar jump',
  aliases: ['loaded jump'],
  kneeShare: 0.4,
  emphasis: { glutes: 0.85, 'front-thigh': 0.75, calves: 0.5 },
  loadPositions: ['trap-bar'],
  firstLoadShare: { novice: 0.15, trained: 0.3 },
  kit: [['trap-bar']],
  levers: [FROM_BLOCKS],
  bodyMassShare: 0.88,
  repRange: { low: 3, high: 5 },
  setUpSeconds: 60,
  holdsAt: { bottom: 'loaded', top: 'in the air' },
  cues: ['Push the floor away', 'Quiet landing', 'Light and fast'],
  faults: ['lands-instead-of-lowers', 'knees-cave', 'grip-goes-first'],
  cautions: ['Stop while it is still fast.'],
  traits: ['jump', 'hand-held', 'heavy-brace', 'two-leg-symmetric'],
  prerequisites: ['squat-jump'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 0 },
      top: {
        root: { at: 'hip', x: 0.06, y: 0.62 },
        trunkDeg: 4,
        near: { kind: 'on-ball', ballX: 0.1, soleDeg: 45, y: 0.07 },
        far: { kind: 'on-ball', ballX: 0.1, soleDeg: 45, y: 0.07 },
        arms: { kind: 'angles', upperDeg: 2, forearmDeg: 4 },
      },
      bottom: {
        root: { at: 'hip', x: -0.08, y: 0.39 },
        trunkDeg: 36,
        near: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        far: { kind: 'on-ball', ballX: 0.11, soleDeg: 0, y: 0 },
        arms: { kind: 'angles', upperDeg: 0, forearmDeg: 2 },
      },
      implement: { piece: 'trap-bar', at: 'hands' },
    },
  },
} as const satisfies Variation;
