import type { Arms, KeyPose } from './types';

/**
 * The pose a share `depth` of the way from `top` (0) to `bottom` (1). Both ends must be of one kind.
 * Angles and hip place move in step, so feet stay planted and no segment changes length.
 */
export const poseBetween = (top: KeyPose, bottom: KeyPose, depth: number): KeyPose => {
  const mix = (a: number, b: number) => a + (b - a) * depth;
  if (top.kind === 'standing' && bottom.kind === 'standing') {
    return {
      kind: 'standing',
      shankDeg: mix(top.shankDeg, bottom.shankDeg),
      thighDeg: mix(top.thighDeg, bottom.thighDeg),
      trunkDeg: mix(top.trunkDeg, bottom.trunkDeg),
      arms: armsBetween(top.arms, bottom.arms, mix),
    };
  }
  if (top.kind === 'between-feet' && bottom.kind === 'between-feet') {
    return {
      kind: 'between-feet',
      hip: { x: mix(top.hip.x, bottom.hip.x), y: mix(top.hip.y, bottom.hip.y) },
      trunkDeg: mix(top.trunkDeg, bottom.trunkDeg),
      arms: armsBetween(top.arms, bottom.arms, mix),
    };
  }
  if (top.kind === 'lying' && bottom.kind === 'lying') {
    return {
      kind: 'lying',
      trunkLiftDeg: mix(top.trunkLiftDeg, bottom.trunkLiftDeg),
      arms: armsBetween(top.arms, bottom.arms, mix),
    };
  }
  throw new Error(`poseBetween: ${top.kind} and ${bottom.kind} are different kinds of pose`);
};

const armsBetween = (a: Arms, b: Arms, mix: (a: number, b: number) => number): Arms => {
  if (a.kind === 'angles' && b.kind === 'angles') {
    return { kind: 'angles', upperDeg: mix(a.upperDeg, b.upperDeg), forearmDeg: mix(a.forearmDeg, b.forearmDeg) };
  }
  if (a.kind === 'held' && b.kind === 'held') {
    return { kind: 'held', along: mix(a.along, b.along), front: mix(a.front, b.front) };
  }
  throw new Error(`poseBetween: arms ${a.kind} and ${b.kind} are different kinds`);
};
