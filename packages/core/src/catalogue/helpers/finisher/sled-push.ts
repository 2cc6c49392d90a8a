import { FINISHER } from '../../bases';
import { TEMPO } from '../../scales';
import type { Variation } from '../../types';

/** Push the sled; nothing to lower, so little soreness. */
export const sledPush = {
  ...FINISHER,
  id: 'sled-push',
  name: 'Sled push',
  aliases: ['loaded sled push'],
  kneeShare: 0.55,
  emphasis: { 'front-thigh': 0.7, glutes: 0.7, calves: 0.5 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.3, trained: 0.8 },
  kit: [['sled']],
  levers: [TEMPO],
  unloadedAllowed: true,
  bodyMassShare: 0,
  seconds: { low: 15, high: 40 },
  stance: 'two-leg',
  cues: ['Long body, arms straight', 'Push the floor back', 'Short steps'],
  faults: ['hips-shift', 'breath-held', 'tempo-lost'],
  cautions: ['Clear lane. Raised pressure: moderate, keep breathing.'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.05, soleDeg: 20 },
      farFoot: { kind: 'on-ball', ballX: -0.28, soleDeg: 45 },
      top: {
        root: { at: 'hip', x: 0.02, y: 0.42 },
        trunkDeg: 56,
        headDeg: 40,
        near: { kind: 'on-ball', ballX: 0.06, soleDeg: 15 },
        far: { kind: 'on-ball', ballX: -0.3, soleDeg: 50 },
        arms: { kind: 'at', x: 0.56, y: 0.42 },
      },
      bottom: {
        root: { at: 'hip', x: 0.02, y: 0.43 },
        trunkDeg: 56,
        headDeg: 40,
        near: { kind: 'on-ball', ballX: -0.14, soleDeg: 35 },
        far: { kind: 'on-ball', ballX: -0.05, soleDeg: 30 },
        arms: { kind: 'at', x: 0.56, y: 0.42 },
      },
      props: [
        { kind: 'line', from: { x: 0.56, y: 0.62 }, to: { x: 0.56, y: 0.04 }, look: 'frame' },
        { kind: 'line', from: { x: 0.46, y: 0.04 }, to: { x: 0.9, y: 0.04 }, look: 'frame' },
        { kind: 'box', x: 0.62, w: 0.18, h: 0.07, y: 0.05, label: 'box' },
      ],
    },
  },
} as const satisfies Variation;
