import { TWO_LEG_SQUAT } from '../bases';
import { STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Deeper: one hand reaches back to its heel. */
export const oneHandReachKneeForwardSquat = {
  ...TWO_LEG_SQUAT,
  id: 'one-hand-reach-knee-forward-squat',
  name: 'Knee-forward squat, one hand to the heel',
  aliases: ['one-hand reach sissy squat'],
  kneeShare: 0.95,
  emphasis: { 'front-thigh': 1, mobility: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [STANCE_WIDTH, TEMPO],
  siblings: [
    { lever: 'range', way: 'easier', variationId: 'knee-forward-squat' },
    { lever: 'range', way: 'harder', variationId: 'knee-forward-squat-to-heels' },
  ],
  unloadedAllowed: true,
  repRange: { low: 3, high: 8 },
  setUpSeconds: 15,
  cues: ['Hips stay forward', 'Reach back, don’t drop', 'Low back long'],
  faults: ['low-back-over-arches', 'weight-rolls', 'bounces-at-the-bottom'],
  cautions: ['Low back long: stop where it pinches.', 'Locked with any knee limit.', 'Grippy floor.'],
  traits: ['knee-forward', 'deep-knee', 'raised-heel', 'end-range'],
  prerequisites: ['knee-forward-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 46 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 46 },
      top: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 4 },
        trunkDeg: 0,
        arms: { kind: 'angles', upperDeg: -4, forearmDeg: -2 },
        farArms: { kind: 'angles', upperDeg: 6, forearmDeg: 12 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 60, thighDeg: 42 },
        trunkDeg: -40,
        headDeg: -14,
        arms: { kind: 'angles', upperDeg: 4, forearmDeg: 8 },
        farArms: { kind: 'angles', upperDeg: 80, forearmDeg: 88 },
      },
    },
  },
} as const satisfies Variation;
