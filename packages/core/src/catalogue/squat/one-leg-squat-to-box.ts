import { ONE_LEG_SQUAT } from '../bases';
import { SUPPORT, TEMPO, TO_A_BOX } from '../scales';
import type { Variation } from '../types';

/** Sit to a box on one leg and stand on the same. */
export const oneLegSquatToBox = {
  ...ONE_LEG_SQUAT,
  id: 'one-leg-squat-to-box',
  name: 'One-leg squat to a box',
  aliases: ['single-leg box squat'],
  kneeShare: 0.5,
  emphasis: { 'front-thigh': 0.85, glutes: 0.7, 'side-hip': 0.5, balance: 0.6 },
  loadPositions: ['counterweight'],
  firstLoadShare: { novice: 0, trained: 0.05 },
  kit: [['box', 'bench', 'chair']],
  levers: [TO_A_BOX, SUPPORT, TEMPO],
  repRange: { low: 5, high: 8 },
  cues: ['Reach forward as the hips go back', 'Last inch slowest', 'Heel heavy'],
  faults: ['collapses-on-the-box', 'knees-cave', 'hip-drops', 'wobble', 'lands-instead-of-lowers'],
  cautions: ['Higher box before fewer reps.'],
  traits: ['one-leg-unsupported', 'box-target'],
  prerequisites: ['step-up'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: {
        root: { at: 'foot', shankDeg: 2, thighDeg: 3 },
        trunkDeg: 2,
        far: { kind: 'free', thighDeg: 18, shankDeg: 12 },
        arms: { kind: 'angles', upperDeg: 60, forearmDeg: 64 },
      },
      bottom: {
        root: { at: 'foot', shankDeg: 26, thighDeg: 84 },
        trunkDeg: 40,
        far: { kind: 'free', thighDeg: 86, shankDeg: 62 },
        arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 },
      },
      props: [{ kind: 'box', x: -0.27, w: 0.18, h: 0.235, label: 'box' }],
    },
  },
} as const satisfies Variation;
