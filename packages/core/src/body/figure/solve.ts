import { SEGMENTS } from '../segments';
import type { Segments } from '../segments';
import { placeFoot } from './foot';
import { down, middleJoint, up } from './geometry';
import type { ArmPoints, Arms, FootPlacement, FreeLeg, KeyPose, LegPoints, Point, SideFigure, Skeleton } from './types';

/** A pose that asks a limb to reach farther than it is long. */
export interface OutOfReach {
  status: 'out-of-reach';
  limb: 'near-leg' | 'far-leg' | 'arm';
}

/** A solved pose, or the limb that could not reach. */
export type SolvedPose = { status: 'solved'; skeleton: Skeleton } | OutOfReach;

/**
 * Joint positions for a side-view pose, in shares of height. Segments keep their length in every pose.
 * @example solveSidePose(figure, figure.bottom)
 */
export const solveSidePose = (figure: Pick<SideFigure, 'nearFoot' | 'farFoot' | 'segments'>, pose: KeyPose): SolvedPose => {
  const segments = figure.segments ?? SEGMENTS;
  const hip = hipOf(figure.nearFoot, pose, segments);
  const shoulder = up(hip, segments.trunk, pose.trunkDeg);
  const near = legTo(pose.near ?? figure.nearFoot, hip, segments);
  const far = legTo(pose.far ?? figure.farFoot, hip, segments);
  const arm = armOf(pose.arms, hip, shoulder, pose.trunkDeg, segments);
  const farArm = pose.farArms ? armOf(pose.farArms, hip, shoulder, pose.trunkDeg, segments) : arm;
  if (!near) return { status: 'out-of-reach', limb: 'near-leg' };
  if (!far) return { status: 'out-of-reach', limb: 'far-leg' };
  if (!arm || !farArm) return { status: 'out-of-reach', limb: 'arm' };
  const head = up(shoulder, segments.neck, pose.headDeg ?? pose.trunkDeg * 0.8);
  const ends = { nearHip: hip, farHip: hip, nearShoulder: shoulder, farShoulder: shoulder };
  return { status: 'solved', skeleton: { view: 'side', head, shoulder, hip, ...ends, near, far, arm, farArm } };
};

const hipOf = (nearFoot: FootPlacement, { root, trunkDeg, near }: KeyPose, segments: Segments): Point => {
  if (root.at === 'hip') return root;
  if (root.at === 'shoulder') return up(root, -segments.trunk, trunkDeg);
  if (root.at === 'knee') return up(root, segments.thigh, -root.thighDeg);
  const foot = near && near.kind !== 'free' ? near : nearFoot;
  const knee = up(placeFoot(foot, segments).ankle, segments.shank, root.shankDeg);
  return up(knee, segments.thigh, -root.thighDeg);
};

const legTo = (leg: FootPlacement | FreeLeg, hip: Point, segments: Segments): LegPoints | undefined => {
  if (leg.kind === 'free') {
    const knee = down(hip, segments.thigh, leg.thighDeg);
    const { x, y } = down(knee, segments.shank, leg.shankDeg);
    return { knee, ...placeFoot({ kind: 'ankle-at', x, y, toesDeg: leg.toesDeg ?? leg.shankDeg }, segments) };
  }
  const foot = placeFoot(leg, segments);
  const knee = middleJoint(hip, foot.ankle, segments.thigh, segments.shank, 1);
  return knee && { knee, ...foot };
};

const armOf = (arms: Arms, hip: Point, shoulder: Point, trunkDeg: number, segments: Segments): ArmPoints | undefined => {
  const { upperArm, forearmToGrip } = segments;
  if (arms.kind === 'angles') {
    const elbow = down(shoulder, upperArm, arms.upperDeg);
    return { elbow, hand: down(elbow, forearmToGrip, arms.forearmDeg) };
  }
  const hand = arms.kind === 'at' ? { x: arms.x, y: arms.y } : up(up(hip, arms.along, trunkDeg), arms.front, trunkDeg + 90);
  const elbow = middleJoint(shoulder, hand, upperArm, forearmToGrip, arms.elbow === 'up' ? 1 : -1);
  return elbow && { elbow, hand };
};
