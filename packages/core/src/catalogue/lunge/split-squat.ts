import type { Variation } from '../types';

/** Feet stay put, one in front; straight down and up. Stride 0.40 of height, front heel to rear ball. */
export const splitSquat = {
  id: 'split-squat',
  name: 'Split squat',
  aliases: ['static lunge', 'stationary lunge'],
  family: 'lunge',
  stance: 'one-leg',
  startsAt: 'top',
  holdsAt: { bottom: 'bottom', top: 'standing tall' },
  loadPositions: ['sides'],
  unloadedAllowed: true,
  bodyMassShare: 0.88,
  jumpOn: 'total',
  firstLoadShare: { novice: 0, trained: 0.25 },
  repRange: { low: 8, high: 12 },
  tempo: { lowering: 2, bottom: 0, lifting: 2, top: 0 },
  setUpSeconds: 30,
  cues: ['Straight down, straight up', 'Front foot: heel to middle', 'Back foot is a kickstand'],
  faults: ['knees-cave', 'wobble', 'front-heel-lifts', 'pushes-from-the-back-leg', 'range-short', 'tempo-lost'],
  cautions: ['Feet hip-width apart, never on one line.', 'Sore kneecap: a thick pad and less depth.'],
  basis: 'common-practice',
  figure: {
    implement: 'dumbbells',
    nearFoot: { kind: 'flat', heelX: 0 },
    farFoot: { kind: 'on-ball', ballX: -0.4, soleDeg: 60 },
    top: {
      kind: 'between-feet',
      hip: { x: -0.115, y: 0.472 },
      trunkDeg: 4,
      arms: { kind: 'angles', upperDeg: 1, forearmDeg: 4 },
    },
    bottom: {
      kind: 'between-feet',
      hip: { x: -0.085, y: 0.27 },
      trunkDeg: 10,
      arms: { kind: 'angles', upperDeg: 1, forearmDeg: 4 },
    },
  },
} as const satisfies Variation;
