import { POWER } from '../../bases';
import { STEP_HEIGHT } from '../../scales';
import type { Variation } from '../../types';

/** Up to a low box, step down: the box softens the landing. */
export const boxJump = {
  ...POWER,
  id: 'box-jump',
  name: 'Low box jump',
  aliases: ['box jump'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.7, glutes: 0.8, calves: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['box', 'low-step']],
  levers: [{ ...STEP_HEIGHT, steps: [15, 20, 30, 40], usual: 1 }],
  unloadedAllowed: true,
  bodyMassShare: 0.88,
  setUpSeconds: 15,
  holdsAt: { bottom: 'on the floor', top: 'on the box' },
  startsAt: 'bottom',
  cues: ['Land soft, whole foot', 'Stand up on the box', 'Step down, don’t jump'],
  faults: ['lands-instead-of-lowers', 'knees-cave'],
  cautions: ['Low box. Landing deeper than a half squat: lower it.'],
  traits: ['jump', 'two-leg-symmetric'],
  prerequisites: ['snap-down'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'hip', x: 0.3, y: 0.57 },
        trunkDeg: 22,
        near: { kind: 'flat', heelX: 0.29, y: 0.15 },
        far: { kind: 'flat', heelX: 0.29, y: 0.15 },
        arms: { kind: 'angles', upperDeg: 50, forearmDeg: 60 },
      },
      between: [
        {
          root: { at: 'hip', x: 0.14, y: 0.62 },
          trunkDeg: 14,
          near: { kind: 'flat', heelX: 0.14, y: 0.2 },
          far: { kind: 'flat', heelX: 0.14, y: 0.2 },
          arms: { kind: 'angles', upperDeg: 110, forearmDeg: 116 },
        },
      ],
      bottom: {
        root: { at: 'hip', x: -0.06, y: 0.38 },
        trunkDeg: 44,
        near: { kind: 'flat', heelX: 0, y: 0 },
        far: { kind: 'flat', heelX: 0, y: 0 },
        arms: { kind: 'angles', upperDeg: -30, forearmDeg: -26 },
      },
      props: [{ kind: 'box', x: 0.24, w: 0.28, h: 0.15, label: 'box' }],
    },
  },
} as const satisfies Variation;
