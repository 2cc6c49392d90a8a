import { CURL } from '../bases';
import { RANGE, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Heels on a ball, hips up, roll it in and out. */
export const ballCurl = {
  ...CURL,
  id: 'ball-curl',
  name: 'Ball curl',
  aliases: ['stability-ball leg curl'],
  kneeShare: 0,
  emphasis: { hamstrings: 0.9, glutes: 0.5, balance: 0.3 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['ball']],
  levers: [RANGE, TEMPO],
  cues: ['Hips stay high', 'Roll it with the heels', 'Slow out'],
  faults: ['felt-in-low-back', 'no-full-hip-extension', 'hips-shift', 'range-short'],
  cautions: ['Arms wide until the ball is quiet.'],
  traits: ['flat-on-back', 'two-leg-symmetric'],
  prerequisites: ['glute-bridge'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-heel', heelX: 0.62, toesUpDeg: 40, y: 0.3 },
      farFoot: { kind: 'on-heel', heelX: 0.62, toesUpDeg: 40, y: 0.3 },
      top: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -128,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.44, toesUpDeg: 0, y: 0.3 },
        far: { kind: 'on-heel', heelX: 0.44, toesUpDeg: 0, y: 0.3 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      bottom: {
        root: { at: 'shoulder', x: 0, y: 0.045 },
        trunkDeg: -114,
        headDeg: -78,
        near: { kind: 'on-heel', heelX: 0.66, toesUpDeg: 50, y: 0.3 },
        far: { kind: 'on-heel', heelX: 0.66, toesUpDeg: 50, y: 0.3 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      props: [{ kind: 'ball-at', on: 'near-foot', r: 0.15, dy: -0.15 }],
    },
  },
} as const satisfies Variation;
