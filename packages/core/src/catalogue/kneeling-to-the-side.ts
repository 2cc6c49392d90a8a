import type { FrontPose } from '../body';

/** Kneeling on one knee, the other leg straight out to the side on the inner edge of its foot, hands before the chest. */
export const KNEELING_TO_THE_SIDE = {
  trunkSideDeg: 0,
  left: { ankle: [-0.1, 0.04, -0.245], toesOutDeg: 180, kneeTo: [0, -0.8, 1] },
  right: { ankle: [0.4, 0.035, 0.02], toesOutDeg: 60, kneeTo: [0.2, 1, 0.3] },
  leftHand: [0.07, -0.05, 0.13],
  rightHand: [-0.07, -0.05, 0.13],
} as const satisfies Omit<FrontPose, 'hip' | 'trunkForwardDeg'>;

/** Tall on that knee. */
export const TALL_TO_THE_SIDE = {
  ...KNEELING_TO_THE_SIDE,
  hip: [-0.05, 0.278, 0],
  trunkForwardDeg: 0,
} as const satisfies FrontPose;

/** What the knee is on. */
export const KNEE_CUSHION = { kind: 'cushion', x: -0.17, y: 0, w: 0.14, h: 0.025 } as const;
