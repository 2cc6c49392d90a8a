import { FOOT, SEGMENTS } from '../segments';
import type { Segments } from '../segments';
import type { ArmPoints, FrontFigure, FrontLeg, FrontPose, LegPoints, Point3 } from './types';
import type { SolvedPose } from './solve';

type Vector = readonly [number, number, number];

const RAD = Math.PI / 180;
const point = ([x, y, z]: Vector): Point3 => ({ x, y, z });
const add = (a: Vector, b: Vector, times = 1): Vector => [a[0] + b[0] * times, a[1] + b[1] * times, a[2] + b[2] * times];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const size = (a: Vector): number => Math.sqrt(dot(a, a));

/** The middle joint of a limb in space: in the plane of its two ends and the direction it bends towards. */
const middleJoint3 = (from: Vector, to: Vector, first: number, second: number, towards: Vector): Vector | undefined => {
  const span = add(to, from, -1);
  const reach = size(span);
  if (reach === 0 || reach > first + second || reach < Math.abs(first - second)) return undefined;
  const unit: Vector = [span[0] / reach, span[1] / reach, span[2] / reach];
  const aside = add(towards, unit, -dot(towards, unit));
  const asideSize = size(aside);
  if (asideSize < 1e-9) return undefined;
  const along = (first ** 2 - second ** 2 + reach ** 2) / (2 * reach);
  const off = Math.sqrt(Math.max(0, first ** 2 - along ** 2));
  return add(add(from, unit, along), aside, off / asideSize);
};

const legOf = (hip: Vector, leg: FrontLeg, side: 1 | -1, segments: Segments): LegPoints | undefined => {
  const [sin, cos] = [Math.sin(leg.toesOutDeg * RAD) * side, Math.cos(leg.toesOutDeg * RAD)];
  const knee = middleJoint3(hip, leg.ankle, segments.thigh, segments.shank, leg.kneeTo ?? [sin, 0, cos]);
  if (!knee) return undefined;
  const sole = add(leg.ankle, leg.soleTo ?? [0, -1, 0], segments.footHeight);
  const onSole = (share: number) => point(add(sole, [sin, 0, cos], (share - FOOT.ankleAt) * segments.footLength));
  return { knee: point(knee), ankle: point(leg.ankle), heel: onSole(0), ball: onSole(FOOT.ballAt), toe: onSole(1) };
};

const armOf = (shoulder: Vector, reach: Vector, side: 1 | -1, segments: Segments): ArmPoints | undefined => {
  const hand = add(shoulder, reach);
  const elbow = middleJoint3(shoulder, hand, segments.upperArm, segments.forearmToGrip, [side * 0.5, -1, -0.3]);
  return elbow && { elbow: point(elbow), hand: point(hand) };
};

/**
 * Joint positions for a front-view pose. Limbs keep their length in space; the picture shows their projection.
 * @example solveFrontPose(figure, figure.bottom)
 */
export const solveFrontPose = (figure: Pick<FrontFigure, 'segments'>, pose: FrontPose): SolvedPose => {
  const segments = figure.segments ?? SEGMENTS;
  const [side, forward, tilt] = [pose.trunkSideDeg * RAD, pose.trunkForwardDeg * RAD, (pose.pelvisDeg ?? 0) * RAD];
  const trunk: Vector = [Math.sin(side) * Math.cos(forward), Math.cos(side) * Math.cos(forward), Math.sin(forward)];
  const across: Vector = [Math.cos(tilt), -Math.sin(tilt), 0];
  const shoulderAcross: Vector = [Math.cos(side), -Math.sin(side), 0];
  const shoulder = add(pose.hip, trunk, segments.trunk);
  const [nearHip, farHip] = [add(pose.hip, across, -segments.halfHips), add(pose.hip, across, segments.halfHips)];
  const nearShoulder = add(shoulder, shoulderAcross, -segments.halfShoulders);
  const farShoulder = add(shoulder, shoulderAcross, segments.halfShoulders);
  const headTo = pose.headTo ?? trunk;
  const near = legOf(nearHip, pose.left, -1, segments);
  const far = legOf(farHip, pose.right, 1, segments);
  const arm = armOf(nearShoulder, pose.leftHand, -1, segments);
  const farArm = armOf(farShoulder, pose.rightHand, 1, segments);
  if (!near) return { status: 'out-of-reach', limb: 'near-leg' };
  if (!far) return { status: 'out-of-reach', limb: 'far-leg' };
  if (!arm || !farArm) return { status: 'out-of-reach', limb: 'arm' };
  return {
    status: 'solved',
    skeleton: {
      view: 'front',
      head: point(add(shoulder, headTo, segments.neck / size(headTo))),
      shoulder: point(shoulder),
      hip: point(pose.hip),
      nearHip: point(nearHip),
      farHip: point(farHip),
      nearShoulder: point(nearShoulder),
      farShoulder: point(farShoulder),
      near,
      far,
      arm,
      farArm,
    },
  };
};
