import { TRUNK } from '../../bases';
import { TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Walk tall with one weight at one side. */
export const suitcaseCarry = {
  ...TRUNK,
  id: 'suitcase-carry',
  name: 'Suitcase carry',
  aliases: ['one-side carry', 'offset carry'],
  kneeShare: 0.3,
  emphasis: { trunk: 0.8, 'side-hip': 0.5 },
  loadPositions: ['suitcase'],
  kit: [['dumbbell', 'kettlebell']],
  levers: [TEMPO],
  stance: 'one-side',
  unloadedAllowed: false,
  jumpOn: 'external',
  repRange: null,
  seconds: { low: 20, high: 40 },
  firstLoadShare: { novice: 0.1, trained: 0.25 },
  cues: ['Shoulders level', 'Short quiet steps', 'Don’t let it touch the leg'],
  faults: ['trunk-tips', 'grip-goes-first', 'hips-shift'],
  cautions: ['Clear floor.'],
  traits: ['hand-held'],
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
      implement: { piece: 'dumbbell', at: 'hands' },
    },
  },
} as const satisfies Variation;
