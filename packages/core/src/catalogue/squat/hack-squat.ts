import { TWO_LEG_SQUAT } from '../bases';
import { RANGE, STANCE_WIDTH, TEMPO } from '../scales';
import type { Variation } from '../types';

/** Back on a sliding pad: deep knee work without holding a bar. */
export const hackSquat = {
  ...TWO_LEG_SQUAT,
  id: 'hack-squat',
  name: 'Hack squat',
  aliases: ['sled squat'],
  kneeShare: 0.58,
  emphasis: { 'front-thigh': 0.95, glutes: 0.5 },
  loadPositions: ['machine'],
  firstLoadShare: { novice: 0.5, trained: 1 },
  kit: [['hack-squat']],
  levers: [RANGE, STANCE_WIDTH, TEMPO],
  bodyMassShare: 0.8,
  setUpSeconds: 60,
  cues: ['Back flat on the pad', 'Knees follow the toes', 'Smooth at the bottom'],
  faults: ['knees-cave', 'bounces-at-the-bottom', 'range-short'],
  cautions: ['Stops set before loading.', 'Sore kneecap: less depth first.'],
  traits: ['deep-knee', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.12 },
      farFoot: { kind: 'flat', heelX: 0.12 },
      top: { root: { at: 'hip', x: 0, y: 0.48 }, trunkDeg: -14, arms: { kind: 'held', along: 0.27, front: 0.08 } },
      bottom: { root: { at: 'hip', x: 0.055, y: 0.255 }, trunkDeg: -14, arms: { kind: 'held', along: 0.27, front: 0.08 } },
      props: [{ kind: 'line', from: { x: -0.19, y: 0.95 }, to: { x: 0.04, y: 0.02 }, look: 'frame' }],
    },
  },
} as const satisfies Variation;
