import { FINISHER } from '../../bases';
import { TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Walk backward against straps: front of the thigh, kind to knees. */
export const backwardSledDrag = {
  ...FINISHER,
  id: 'backward-sled-drag',
  name: 'Backward sled drag',
  aliases: ['reverse sled drag'],
  kneeShare: 0.85,
  emphasis: { 'front-thigh': 0.95, calves: 0.4 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.2, trained: 0.6 },
  kit: [['sled'], ['strap']],
  levers: [TEMPO],
  unloadedAllowed: true,
  bodyMassShare: 0,
  seconds: { low: 20, high: 45 },
  stance: 'two-leg',
  cues: ['Sit back into the straps', 'Toes then heels', 'Small steps'],
  faults: ['hips-shift', 'tempo-lost', 'breath-held'],
  cautions: ['Clear lane behind you.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: -0.18 },
      top: {
        root: { at: 'hip', x: -0.17, y: 0.41 },
        trunkDeg: -6,
        headDeg: 0,
        near: { kind: 'flat', heelX: 0 },
        far: { kind: 'on-ball', ballX: -0.1, soleDeg: 16 },
        arms: { kind: 'angles', upperDeg: 74, forearmDeg: 76 },
      },
      bottom: {
        root: { at: 'hip', x: -0.18, y: 0.415 },
        trunkDeg: -6,
        headDeg: 0,
        near: { kind: 'flat', heelX: -0.12 },
        far: { kind: 'on-ball', ballX: 0.08, soleDeg: 8 },
        arms: { kind: 'angles', upperDeg: 74, forearmDeg: 76 },
      },
      props: [
        { kind: 'line', from: 'hand', to: { x: 0.7, y: 0.1 }, look: 'strap' },
        { kind: 'box', x: 0.7, w: 0.2, h: 0.1, label: 'box' },
      ],
    },
  },
} as const satisfies Variation;
