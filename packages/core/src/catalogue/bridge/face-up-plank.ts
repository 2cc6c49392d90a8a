import { BRIDGE } from '../bases';
import { RANGE, SUPPORT } from '../scales';
import type { Variation } from '../types';

/** Shoulders on one support, heels on another, the body a level line. */
export const faceUpPlank = {
  ...BRIDGE,
  id: 'face-up-plank',
  name: 'Face-up plank between two supports',
  aliases: ['supine plank', 'bench-to-bench bridge'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.8, glutes: 0.8, trunk: 0.4, 'low-back': 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['bench'], ['second-bench']],
  levers: [SUPPORT, RANGE],
  siblings: [{ lever: 'base', way: 'harder', variationId: 'one-leg-face-up-plank' }],
  repRange: null,
  tempo: null,
  seconds: { low: 30, high: 60 },
  setUpSeconds: 40,
  holdsAt: { bottom: 'sagging', top: 'held level' },
  cues: ['Dig the heels down, not forward', 'Squeeze, ribs down', 'Breathe'],
  faults: ['felt-in-low-back', 'breath-held', 'no-full-hip-extension', 'head-tips-back'],
  cautions: ['Neither support may slide.', 'Support the head if the neck isn’t used to it.'],
  traits: ['hold', 'long-hold', 'head-unsupported', 'two-leg-symmetric'],
  prerequisites: ['hip-thrust'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.805, toesUpDeg: 82, y: 0.24 },
      farFoot: { kind: 'on-heel', heelX: 0.805, toesUpDeg: 82, y: 0.24 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.27 },
        trunkDeg: -91,
        headDeg: -80,
        arms: { kind: 'held', along: 0.16, front: 0.05 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.27 },
        trunkDeg: -83,
        headDeg: -82,
        arms: { kind: 'held', along: 0.16, front: 0.05 },
      },
      props: [
        { kind: 'box', x: -0.12, w: 0.16, h: 0.235, label: 'bench' },
        { kind: 'box', x: 0.75, w: 0.16, h: 0.235, label: 'bench' },
      ],
    },
  },
} as const satisfies Variation;
