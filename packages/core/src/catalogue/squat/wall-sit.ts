import { TWO_LEG_SQUAT } from '../bases';
import { RANGE } from '../scales';
import type { Variation } from '../types';

/** Back on the wall, thighs held: strength for sore knees without movement. */
export const wallSit = {
  ...TWO_LEG_SQUAT,
  id: 'wall-sit',
  name: 'Wall sit',
  aliases: ['wall squat hold'],
  kneeShare: 0.8,
  emphasis: { 'front-thigh': 0.9, glutes: 0.2 },
  loadPositions: ['none', 'goblet'],
  firstLoadShare: { novice: 0, trained: 0.15 },
  kit: [['wall']],
  levers: [RANGE],
  unloadedAllowed: true,
  startsAt: 'bottom',
  holdsAt: { bottom: 'held', top: 'standing' },
  repRange: null,
  seconds: { low: 20, high: 60 },
  setUpSeconds: 15,
  cues: ['Whole back on the wall', 'Shins upright', 'Breathe'],
  faults: ['knees-cave', 'breath-held', 'weight-rolls'],
  cautions: ['Sore knees: stay above the sore angle.', 'Raised pressure: short holds, keep breathing.'],
  traits: ['hold', 'long-hold', 'two-leg-symmetric'],
  figure: {
    maker: 'poses',
    figure: {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0.2 },
      farFoot: { kind: 'flat', heelX: 0.2 },
      top: { root: { at: 'hip', x: 0, y: 0.45 }, trunkDeg: 0, arms: { kind: 'angles', upperDeg: 4, forearmDeg: 30 } },
      bottom: { root: { at: 'hip', x: 0, y: 0.3 }, trunkDeg: 0, arms: { kind: 'angles', upperDeg: 4, forearmDeg: 50 } },
      props: [{ kind: 'wall', x: -0.055, h: 0.85 }],
    },
  },
} as const satisfies Variation;
