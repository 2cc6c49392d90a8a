import type { KeyPose } from '../body';
import type { Variation } from './types';

/** Standing tall with the bell as high as the arms are raised, °. */
export const swungTo = (upperDeg: number, forearmDeg: number): KeyPose => ({
  root: { at: 'foot', shankDeg: 2, thighDeg: 2 },
  trunkDeg: 0,
  headDeg: 0,
  arms: { kind: 'angles', upperDeg, forearmDeg },
});

/** Hips back, the bell high between the thighs. */
export const HIKED_BACK = {
  root: { at: 'foot', shankDeg: 0, thighDeg: 34 },
  trunkDeg: 67,
  headDeg: 51,
  arms: { kind: 'angles', upperDeg: -35, forearmDeg: -31 },
} as const satisfies KeyPose;

/** A bell moved by the hips between two places, both feet flat. */
export const bellFrom = (bottom: KeyPose, top: KeyPose, between: readonly KeyPose[] = []): Variation['figure'] => ({
  maker: 'poses',
  figure: {
    view: 'side',
    nearFoot: { kind: 'flat', heelX: 0 },
    farFoot: { kind: 'flat', heelX: 0 },
    top,
    ...(between.length > 0 ? { between } : {}),
    bottom,
    implement: { piece: 'bell', at: 'hands' },
  },
});
