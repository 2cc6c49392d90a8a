import { TWO_LEG_SQUAT } from '../bases';
import { STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The last of its ladder: both hands to the heels. */
export const kneeForwardSquatToHeels = {
  ...TWO_LEG_SQUAT,
  id: 'knee-forward-squat-to-heels',
  name: 'Knee-forward squat, hands to the heels',
  aliases: ['full sissy squat'],
  kneeShare: 0.95,
  emphasis: { 'front-thigh': 1, mobility: 0.5 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [],
  levers: [STANCE_WIDTH, TEMPO],
  siblings: [{ lever: 'range', way: 'easier', variationId: 'one-hand-reach-knee-forward-squat' }],
  unloadedAllowed: true,
  repRange: { low: 3, high: 6 },
  setUpSeconds: 15,
  cues: ['Knees forward, hips forward', 'Both hands back', 'Rise in one line'],
  faults: ['low-back-over-arches', 'weight-rolls', 'bounces-at-the-bottom'],
  cautions: ['Low back long: stop where it pinches.', 'Locked with any knee limit.', 'Grippy floor.'],
  traits: ['knee-forward', 'deep-knee', 'raised-heel', 'end-range'],
  prerequisites: ['one-hand-reach-knee-forward-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 50 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 50 },
      top: {
        root: { at: 'foot', shankDeg: 4, thighDeg: 4 },
        trunkDeg: 0,
        arms: { kind: 'angles', upperDeg: -4, forearmDeg: -2 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 68, thighDeg: 52 },
        trunkDeg: -48,
        headDeg: -16,
        arms: { kind: 'angles', upperDeg: 2, forearmDeg: 4 },
      },
    },
  },
} as const satisfies Variation;
