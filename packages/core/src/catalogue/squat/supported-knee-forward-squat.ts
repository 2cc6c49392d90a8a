import { TWO_LEG_SQUAT } from '../bases';
import { PART_RANGE, SUPPORTED, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Heels up, one hand holds; knees and hips go forward as the trunk leans back, a little way. */
export const supportedKneeForwardSquat = {
  ...TWO_LEG_SQUAT,
  id: 'supported-knee-forward-squat',
  name: 'Supported knee-forward squat',
  aliases: ['supported sissy squat'],
  kneeShare: 0.95,
  emphasis: { 'front-thigh': 1, balance: 0.2 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['wall', 'rack', 'stick']],
  levers: [SUPPORTED, PART_RANGE, STANCE_WIDTH, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'knee-forward-squat' }],
  unloadedAllowed: true,
  repRange: { low: 5, high: 10 },
  setUpSeconds: 20,
  cues: ['Knees, hips and shoulders in one line', 'Low back long', 'Only as far as it stays smooth'],
  faults: ['low-back-over-arches', 'weight-rolls', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Low back long: stop where it pinches.', 'Locked with any knee limit.', 'Grippy floor.'],
  traits: ['knee-forward', 'deep-knee', 'raised-heel', 'supported'],
  prerequisites: ['goblet-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
      farFoot: { kind: 'on-ball', ballX: 0.11, soleDeg: 42 },
      top: { root: { at: 'foot', shankDeg: 4, thighDeg: 4 }, trunkDeg: 0, arms: { kind: 'at', x: 0.36, y: 0.62 } },
      bottom: {
        root: { at: 'foot', shankDeg: 42, thighDeg: 22 },
        trunkDeg: -22,
        headDeg: -10,
        arms: { kind: 'at', x: 0.36, y: 0.62 },
      },
      props: [{ kind: 'pole', x: 0.36, h: 0.85 }],
    },
  },
} as const satisfies Variation;
