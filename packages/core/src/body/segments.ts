/**
 * Segment lengths as shares of standing height.
 * Source: Winter, Biomechanics and Motor Control of Human Movement, table 4.1 (Drillis & Contini), from memory;
 * `forearmToGrip` adds half a hand to the forearm; head, hip and shoulder half-widths are drawing choices (house default).
 */
export const SEGMENTS = {
  footHeight: 0.039,
  footLength: 0.152,
  shank: 0.246,
  thigh: 0.245,
  trunk: 0.288,
  upperArm: 0.186,
  forearmToGrip: 0.2,
  neck: 0.118,
  headRadius: 0.052,
  halfHips: 0.055,
  halfShoulders: 0.088,
} as const;

/** A body's own proportions, in the same shares. */
export type Segments = Record<keyof typeof SEGMENTS, number>;

/** Where the ankle sits above the foot and where the foot bends, as shares of foot length from the heel. */
export const FOOT = { ankleAt: 0.25, ballAt: 0.72 } as const;
