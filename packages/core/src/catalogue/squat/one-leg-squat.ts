import { ONE_LEG_SQUAT } from '../bases';
import { COUNTERWEIGHT, HEEL_LIFT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** All the way down and up on one leg: the last of its ladder. */
export const oneLegSquat = {
  ...ONE_LEG_SQUAT,
  id: 'one-leg-squat',
  name: 'One-leg squat',
  aliases: ['full one-leg squat', 'pistol squat'],
  kneeShare: 0.52,
  emphasis: { 'front-thigh': 0.95, glutes: 0.75, balance: 0.7, mobility: 0.4 },
  loadPositions: ['counterweight'],
  firstLoadShare: { novice: 0, trained: 0.08 },
  kit: [],
  levers: [HEEL_LIFT, COUNTERWEIGHT, TEMPO],
  siblings: [{ lever: 'support', way: 'easier', variationId: 'assisted-one-leg-squat' }],
  repRange: { low: 3, high: 6 },
  cues: ['Whole foot stays down', 'Reach long', 'No bounce at the bottom'],
  faults: ['heels-lift', 'knees-cave', 'low-back-rounds', 'bounces-at-the-bottom', 'wobble'],
  cautions: ['Deep and heavy on one knee: not with knee pain.'],
  traits: ['deep-knee', 'one-leg-unsupported', 'end-range'],
  prerequisites: ['skater-squat'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
        trunkDeg: 2,
        far: { kind: 'free', thighDeg: 30, shankDeg: 25 },
        arms: { kind: 'angles', upperDeg: 60, forearmDeg: 64 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 38, thighDeg: 116 },
        trunkDeg: 38,
        far: { kind: 'free', thighDeg: 98, shankDeg: 92 },
        arms: { kind: 'angles', upperDeg: 88, forearmDeg: 92 },
      },
    },
  },
} as const satisfies Variation;
