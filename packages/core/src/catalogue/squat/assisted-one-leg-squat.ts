import { ONE_LEG_SQUAT } from '../bases';
import { BOX_HEIGHT, HEEL_LIFT, SUPPORTED, TEMPO } from '../scales';
import type { Variation } from '../types';

/** The full one-leg squat with a hand on a strap or post. */
export const assistedOneLegSquat = {
  ...ONE_LEG_SQUAT,
  id: 'assisted-one-leg-squat',
  name: 'Assisted one-leg squat',
  aliases: ['assisted pistol squat'],
  kneeShare: 0.52,
  emphasis: { 'front-thigh': 0.9, glutes: 0.7, balance: 0.4 },
  loadPositions: ['none'],
  firstLoadShare: { novice: 0, trained: 0 },
  kit: [['strap', 'wall', 'doorway']],
  levers: [SUPPORTED, BOX_HEIGHT, HEEL_LIFT, TEMPO],
  siblings: [{ lever: 'support', way: 'harder', variationId: 'one-leg-squat' }],
  repRange: { low: 5, high: 8 },
  cues: ['Hand helps, leg works', 'Heel heavy', 'Straight leg stays off the floor'],
  faults: ['heels-lift', 'knees-cave', 'low-back-rounds', 'lands-instead-of-lowers'],
  cautions: ['Sore knees: to a box instead.'],
  traits: ['deep-knee', 'supported'],
  prerequisites: ['one-leg-squat-to-box'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
        trunkDeg: 2,
        far: { kind: 'free', thighDeg: 25, shankDeg: 20 },
        arms: { kind: 'at', x: 0.34, y: 0.64 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 36, thighDeg: 112 },
        trunkDeg: 26,
        far: { kind: 'free', thighDeg: 100, shankDeg: 94 },
        arms: { kind: 'at', x: 0.34, y: 0.5 },
      },
      props: [
        { kind: 'pole', x: 0.46, h: 1 },
        { kind: 'line', from: { x: 0.46, y: 0.82 }, to: 'hand', look: 'strap' },
      ],
    },
  },
} as const satisfies Variation;
