import { SEGMENTS } from '../segments';
import { placeFoot } from './foot';
import { down, middleJoint, up } from './geometry';
import type { Arms, FigureSpec, FootPlacement, KeyPose, LegPoints, Point, Skeleton } from './types';

/** A pose that asks a limb to reach farther than it is long. */
export interface OutOfReach {
  status: 'out-of-reach';
  limb: 'near-leg' | 'far-leg' | 'arm';
}

/** A solved pose, or the limb that could not reach. */
export type SolvedPose = { status: 'solved'; skeleton: Skeleton } | OutOfReach;

/** Height of the shoulder joint above the floor when lying, as a share of height. House default. */
const LYING_SHOULDER_Y = 0.045;
/** A resting head is tipped this far up from the line of the floor. House default. */
const LYING_HEAD_DEG = -86;

/**
 * Joint positions for a pose of a figure, in shares of height. Segments keep their table lengths in every pose.
 * @example solvePose(variation.figure, variation.figure.bottom)
 */
export const solvePose = (spec: Pick<FigureSpec, 'nearFoot' | 'farFoot'>, pose: KeyPose): SolvedPose => {
  const hip = hipOf(spec, pose);
  const trunkDeg = trunkOf(pose);
  const shoulder = pose.kind === 'lying' ? lyingShoulder : up(hip, SEGMENTS.trunk, trunkDeg);
  const near = legTo(spec.nearFoot, hip);
  const far = legTo(spec.farFoot, hip);
  const arm = armOf(pose.arms, hip, shoulder, trunkDeg);
  if (!near) return { status: 'out-of-reach', limb: 'near-leg' };
  if (!far) return { status: 'out-of-reach', limb: 'far-leg' };
  if (!arm) return { status: 'out-of-reach', limb: 'arm' };
  const head = up(shoulder, SEGMENTS.neck, pose.kind === 'lying' ? LYING_HEAD_DEG : trunkDeg * 0.8);
  return { status: 'solved', skeleton: { head, shoulder, hip, ...arm, near, far } };
};

const lyingShoulder: Point = { x: 0, y: LYING_SHOULDER_Y };

const trunkOf = (pose: KeyPose): number => (pose.kind === 'lying' ? pose.trunkLiftDeg - 90 : pose.trunkDeg);

const hipOf = (spec: Pick<FigureSpec, 'nearFoot'>, pose: KeyPose): Point => {
  if (pose.kind === 'between-feet') return pose.hip;
  if (pose.kind === 'lying') return up(lyingShoulder, SEGMENTS.trunk, 90 - pose.trunkLiftDeg);
  const knee = up(placeFoot(spec.nearFoot).ankle, SEGMENTS.shank, pose.shankDeg);
  return up(knee, SEGMENTS.thigh, -pose.thighDeg);
};

const legTo = (placement: FootPlacement, hip: Point): LegPoints | undefined => {
  const foot = placeFoot(placement);
  const knee = middleJoint(hip, foot.ankle, SEGMENTS.thigh, SEGMENTS.shank, 1);
  return knee && { knee, ...foot };
};

const armOf = (arms: Arms, hip: Point, shoulder: Point, trunkDeg: number) => {
  if (arms.kind === 'angles') {
    const elbow = down(shoulder, SEGMENTS.upperArm, arms.upperDeg);
    return { elbow, hand: down(elbow, SEGMENTS.forearmToGrip, arms.forearmDeg) };
  }
  const onTrunk = up(hip, arms.along, trunkDeg);
  const hand = up(onTrunk, arms.front, trunkDeg + 90);
  const elbow = middleJoint(shoulder, hand, SEGMENTS.upperArm, SEGMENTS.forearmToGrip, -1);
  return elbow && { elbow, hand };
};
