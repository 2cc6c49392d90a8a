import { HINGE } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Hips on the pad, body hinges over it. */
export const backExtension = {
  ...HINGE,
  id: 'back-extension',
  name: '45° hip extension',
  aliases: ['back extension', 'hyperextension bench'],
  kneeShare: 0.02,
  emphasis: { glutes: 0.75, hamstrings: 0.75, 'low-back': 0.5 },
  loadPositions: ['none', 'goblet'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [['back-extension-bench']],
  levers: [RANGE, TEMPO],
  unloadedAllowed: true,
  repRange: { low: 10, high: 15 },
  setUpSeconds: 30,
  holdsAt: { bottom: 'hanging', top: 'one line' },
  cues: ['Pad below the hip bones', 'Hips do it, not the back', 'One line at the top, no further'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'range-short'],
  cautions: ['Head low: not with raised pressure or eye trouble.'],
  traits: ['head-low', 'deep-hinge', 'two-leg-symmetric'],
  prerequisites: ['belly-held-hinge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.35, y: 0.07, toesDeg: 42 },
      farFoot: { kind: 'ankle-at', x: -0.35, y: 0.07, toesDeg: 42 },
      top: { root: { at: 'hip', x: 0, y: 0.41 }, trunkDeg: 46, headDeg: 44, arms: { kind: 'held', along: 0.22, front: 0.07 } },
      bottom: {
        root: { at: 'hip', x: 0, y: 0.41 },
        trunkDeg: 128,
        headDeg: 120,
        arms: { kind: 'held', along: 0.22, front: 0.07 },
      },
      props: [
        { kind: 'line', from: { x: -0.3, y: 0.02 }, to: { x: 0.03, y: 0.36 }, look: 'frame' },
        { kind: 'line', from: { x: 0.03, y: 0.36 }, to: { x: 0.1, y: 0.0 }, look: 'frame' },
      ],
    },
  },
} as const satisfies Variation;
