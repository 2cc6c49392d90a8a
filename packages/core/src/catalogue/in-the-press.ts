import type { FootPlacement, KeyPose, Prop } from '../body';
import type { Variation } from './types';

/** The seat and its back. */
const SEAT = [
  { kind: 'line', from: { x: -0.06, y: 0.13 }, to: { x: -0.29, y: 0.38 }, look: 'frame' },
  { kind: 'line', from: { x: -0.06, y: 0.13 }, to: { x: 0.1, y: 0.1 }, look: 'frame' },
  { kind: 'footplate' },
] as const satisfies readonly Prop[];

const sat = (foot: FootPlacement): KeyPose => ({
  root: { at: 'hip', x: 0, y: 0.19 },
  trunkDeg: -42,
  headDeg: -30,
  near: foot,
  far: foot,
  arms: { kind: 'held', along: 0.04, front: 0.06 },
});

/** Leaning back in the leg press, both feet on its plate, which moves between two places. */
export const inThePress = (top: FootPlacement, bottom: FootPlacement): Variation['figure'] => ({
  maker: 'poses',
  figure: { view: 'side', nearFoot: top, farFoot: top, top: sat(top), bottom: sat(bottom), props: SEAT },
});
