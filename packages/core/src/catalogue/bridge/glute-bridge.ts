import type { Variation } from '../types';

/** Shoulders on the floor, hips lift until trunk and thigh are one line, shins upright at the top. */
export const gluteBridge = {
  id: 'glute-bridge',
  name: 'Glute bridge',
  aliases: ['floor bridge', 'hip bridge'],
  family: 'bridge',
  stance: 'two-leg',
  startsAt: 'bottom',
  holdsAt: { bottom: 'just off the floor', top: 'hips high' },
  loadPositions: ['hips'],
  unloadedAllowed: true,
  bodyMassShare: 0.45,
  jumpOn: 'total',
  firstLoadShare: { novice: 0, trained: 0.5 },
  repRange: { low: 10, high: 15 },
  tempo: { lowering: 2, bottom: 0, lifting: 1, top: 1 },
  setUpSeconds: 40,
  cues: ['Heels under the knees at the top', 'Squeeze to the top', 'Chin tucked, eyes forward'],
  faults: ['no-full-hip-extension', 'felt-in-low-back', 'head-tips-back', 'knees-cave', 'range-short', 'tempo-lost'],
  cautions: ['Felt in the low back: feet closer, tail under.', 'A weight on the hips needs a pad.'],
  basis: 'common-practice',
  figure: {
    implement: 'dumbbell-on-hips',
    nearFoot: { kind: 'flat', heelX: 0.43 },
    farFoot: { kind: 'flat', heelX: 0.43 },
    top: { kind: 'lying', trunkLiftDeg: 27, arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 } },
    bottom: { kind: 'lying', trunkLiftDeg: 3, arms: { kind: 'angles', upperDeg: 84, forearmDeg: 88 } },
  },
} as const satisfies Variation;
