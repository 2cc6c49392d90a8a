import { TWO_LEG_SQUAT } from '../bases';
import { RANGE, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The same without support, a part of the way. */
export const kneeForwardSquat = {
  ...TWO_LEG_SQUAT,
  id: 'knee-forward-squat',
  name: 'Knee-forward squat',
  aliases: ['sissy squat'],
  kneeShare: 0.95,
  emphasis: { 'front-thigh': 1, balance: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [RANGE, STANCE_WIDTH, TEMPO],
  siblings: [
    { lever: 'support', way: 'easier', variationId: 'supported-knee-forward-squat' },
    { lever: 'range', way: 'harder', variationId: 'one-hand-reach-knee-forward-squat' },
  ],
  unloadedAllowed: true,
  repRange: { low: 5, high: 10 },
  setUpSeconds: 15,
  cues: ['Knees, hips and shoulders in one line', 'Heels stay up', 'Low back long'],
  faults: ['low-back-over-arches', 'weight-rolls', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Low back long: stop where it pinches.', 'Locked with any knee limit.', 'Grippy floor.'],
  traits: ['knee-forward', 'deep-knee', 'raised-heel'],
  prerequisites: ['supported-knee-forward-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
      top: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 4 },
        trunkDeg: 0,
        arms: { kind: 'angles', upperDeg: 10, forearmDeg: 20 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 48, thighDeg: 30 },
        trunkDeg: -28,
        headDeg: -12,
        arms: { kind: 'angles', upperDeg: 60, forearmDeg: 70 },
      },
    },
  },
} as const satisfies Variation;
