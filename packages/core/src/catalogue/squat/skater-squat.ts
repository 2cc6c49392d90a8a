import { ONE_LEG_SQUAT } from '../bases';
import { ON_A_PAD, SUPPORT, TEMPO } from '../scales';
import type { Variation } from '../types';

/** One leg works, the other knee travels down behind to a pad. */
export const skaterSquat = {
  ...ONE_LEG_SQUAT,
  id: 'skater-squat',
  name: 'Skater squat',
  aliases: ['airborne squat to a pad'],
  kneeShare: 0.45,
  emphasis: { 'front-thigh': 0.75, glutes: 0.75, 'side-hip': 0.5, balance: 0.6 },
  loadPositions: ['counterweight'],
  firstLoadShare: { novice: 0, trained: 0.05 },
  kit: [['pad']],
  levers: [ON_A_PAD, SUPPORT, TEMPO],
  repRange: { low: 5, high: 8 },
  cues: ['Reach and hinge a little', 'Knee kisses the pad', 'Hips square'],
  faults: ['wobble', 'knees-cave', 'hips-twist', 'lands-instead-of-lowers'],
  cautions: ['Thick pad first, thinner later.'],
  traits: ['one-leg-unsupported', 'deep-knee'],
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
        far: { kind: 'free', thighDeg: 4, shankDeg: -40 },
        arms: { kind: 'angles', upperDeg: 30, forearmDeg: 34 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 34, thighDeg: 84 },
        trunkDeg: 44,
        far: { kind: 'free', thighDeg: -22, shankDeg: -86 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      props: [{ kind: 'cushion', x: -0.24, y: 0, w: 0.16, h: 0.025 }],
    },
  },
} as const satisfies Variation;
