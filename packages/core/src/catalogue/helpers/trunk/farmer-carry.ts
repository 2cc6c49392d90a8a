import { TRUNK } from '../../bases';
import { TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Walk tall with a weight in each hand. */
export const farmerCarry = {
  ...TRUNK,
  id: 'farmer-carry',
  name: 'Two-hand carry',
  aliases: ['farmer carry'],
  kneeShare: 0.3,
  emphasis: { trunk: 0.6, calves: 0.3 },
  loadPositions: ['sides'],
  kit: [['dumbbell-pair', 'kettlebell-pair']],
  levers: [TEMPO],
  unloadedAllowed: false,
  repRange: null,
  seconds: { low: 20, high: 40 },
  firstLoadShare: { novice: 0.3, trained: 0.6 },
  cues: ['Tall, ribs down', 'Short quiet steps', 'Crush the handles'],
  faults: ['grip-goes-first', 'trunk-tips', 'breath-held'],
  cautions: ['Clear floor. Pick up and set down like a deadlift.'],
  traits: ['hand-held', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.1 },
      farFoot: { kind: 'on-ball', ballX: -0.04, soleDeg: 30 },
      top: {
        root: { at: 'hip', x: 0.02, y: 0.51 },
        trunkDeg: 2,
        near: { kind: 'flat', heelX: 0.08, y: 0 },
        far: { kind: 'on-ball', ballX: -0.05, soleDeg: 34 },
        arms: { kind: 'angles', upperDeg: 2, forearmDeg: 4 },
      },
      bottom: {
        root: { at: 'hip', x: 0.04, y: 0.518 },
        trunkDeg: 2,
        near: { kind: 'flat', heelX: 0.02, y: 0 },
        far: { kind: 'on-ball', ballX: 0.1, soleDeg: 10 },
        arms: { kind: 'angles', upperDeg: 2, forearmDeg: 4 },
      },
      implement: { piece: 'dumbbell', at: 'hands', pair: true },
    },
  },
} as const satisfies Variation;
