import { CURL } from '../bases';
import { RANGE, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Knees on the pad, feet fixed: hips extend, then knees bend. */
export const gluteHamRaise = {
  ...CURL,
  id: 'glute-ham-raise',
  name: 'Glute-ham raise',
  aliases: ['glute-ham bench raise'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.95, glutes: 0.7 },
  loadPositions: ['none', 'goblet'],
  firstLoadShare: { novice: 0, trained: 0.05 },
  kit: [['glute-ham-bench']],
  levers: [SUPPORT, RANGE, TEMPO],
  repRange: { low: 5, high: 10 },
  setUpSeconds: 40,
  holdsAt: { bottom: 'level', top: 'upright' },
  cues: ['Hips through, then pull with the heels', 'One line', 'Slow down'],
  faults: ['low-back-over-arches', 'no-full-hip-extension', 'range-short'],
  cautions: ['Head low at the bottom: not with raised pressure.'],
  traits: ['head-low', 'two-leg-symmetric'],
  prerequisites: ['assisted-nordic-curl'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'ankle-at', x: -0.24, y: 0.4, toesDeg: -90 },
      farFoot: { kind: 'ankle-at', x: -0.24, y: 0.4, toesDeg: -90 },
      top: { root: { at: 'hip', x: -0.01, y: 0.62 }, trunkDeg: 0, arms: { kind: 'held', along: 0.22, front: 0.08 } },
      bottom: {
        root: { at: 'hip', x: 0.23, y: 0.45 },
        trunkDeg: 88,
        headDeg: 84,
        arms: { kind: 'held', along: 0.22, front: 0.08 },
      },
      props: [
        { kind: 'box', x: -0.03, w: 0.14, h: 0.07, y: 0.3, label: 'pad' },
        { kind: 'line', from: { x: 0.04, y: 0.3 }, to: { x: 0.04, y: 0 }, look: 'frame' },
        { kind: 'line', from: { x: -0.285, y: 0.3 }, to: { x: -0.285, y: 0.48 }, look: 'frame' },
      ],
    },
  },
} as const satisfies Variation;
