import { ONE_LEG_BRIDGE } from '../bases';
import { RANGE } from '../scales';
import type { Variation } from '../types';

/** The same on one heel, the other leg up. */
export const oneLegFaceUpPlank = {
  ...ONE_LEG_BRIDGE,
  id: 'one-leg-face-up-plank',
  name: 'One-leg face-up plank',
  aliases: ['single-leg supine plank'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.9, glutes: 0.9, trunk: 0.5, 'side-hip': 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['bench'], ['second-bench']],
  levers: [RANGE],
  siblings: [{ lever: 'base', way: 'easier', variationId: 'face-up-plank' }],
  repRange: null,
  tempo: null,
  seconds: { low: 20, high: 40 },
  setUpSeconds: 40,
  holdsAt: { bottom: 'sagging', top: 'held level' },
  cues: ['Dig the heel down', 'Hips level', 'Breathe'],
  faults: ['hips-twist', 'felt-in-low-back', 'breath-held', 'no-full-hip-extension'],
  cautions: ['Neither support may slide.', 'Support the head if the neck isn’t used to it.'],
  traits: ['hold', 'long-hold', 'head-unsupported', 'one-leg-unsupported'],
  prerequisites: ['face-up-plank'],
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
        far: { kind: 'free', thighDeg: 150, shankDeg: 146 },
        arms: { kind: 'held', along: 0.16, front: 0.05 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.27 },
        trunkDeg: -84,
        headDeg: -82,
        far: { kind: 'free', thighDeg: 146, shankDeg: 142 },
        arms: { kind: 'held', along: 0.16, front: 0.05 },
      },
      props: [
        { kind: 'box', x: -0.12, w: 0.16, h: 0.235, label: 'bench' },
        { kind: 'box', x: 0.75, w: 0.16, h: 0.235, label: 'bench' },
      ],
    },
  },
} as const satisfies Variation;
