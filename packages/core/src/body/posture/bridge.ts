import { middleJoint } from '../figure/geometry';
import type { Point } from '../figure/types';
import { CENTRE, GRAVITY, MASS_SHARE, MODEL } from './constants';
import { RAD } from './linkage';
import type { PostureBody } from './types';

/** A bridge or thrust as it is set up. Metres. */
export interface BridgeSetUp {
  loadKg: number;
  /** Height of the bench under the shoulder blades; 0 on the floor. */
  benchM: number;
  /** Ankle ahead of where the shin would be vertical at the top of a bridge on the floor; positive is farther from the hips. */
  footOffsetM: number;
  feetHeightM?: number;
  /** How high the hips are: 1 straight line, 0 the lowest. */
  lift?: number;
}

/** Where the joints are, and which way the work goes. Friction at the foot is unknown: directions, not numbers. */
export interface BridgePose {
  contact: Point;
  hip: Point;
  knee: Point;
  ankle: Point;
  shoulder: Point;
  shinDeg: number;
}

export type BridgeResult =
  | { status: 'feasible'; pose: BridgePose; hipNm: number; kneeFlexorNm: number; gluteShare: number }
  | { status: 'infeasible'; limit: 'feet-too-far' };

/**
 * The top of a bridge (hips straight) or a position on the way there. Hip and knee demand from the force at the foot;
 * `gluteShare` falls as the hamstrings take over.
 * @example solveBridge(body, { loadKg: 0, benchM: 0, footOffsetM: 0 })
 */
export const solveBridge = (body: PostureBody, setUp: BridgeSetUp): BridgeResult => {
  const { bridge } = MODEL;
  const contact = { x: 0, y: setUp.benchM + bridge.trunkLine * body.heightM };
  const toHip = (setUp.benchM > 0 ? bridge.contactOnBench : bridge.contactOnFloor) * body.trunkM;
  const span = toHip + body.thighM;
  const ankleY = (setUp.feetHeightM ?? 0) + body.ankleHeightM;
  // On the floor the shin is upright at the top. Feet that go up stand farther away, so that thighs and shins have room when the hips are
  // down: the knee is more open at the top, and the shin leans back.
  const overKnee = body.ankleHeightM + body.shankM - contact.y;
  if (Math.abs(overKnee) > span) return { status: 'infeasible', limit: 'feet-too-far' };
  const onFloor = span ** 2 - overKnee ** 2 + (body.ankleHeightM - contact.y) ** 2;
  const sides = 2 * span * body.shankM;
  const kneeRad = Math.acos((span ** 2 + body.shankM ** 2 - onFloor) / sides);
  const opened = kneeRad + bridge.kneeOpensDeg * RAD * ((setUp.feetHeightM ?? 0) / body.heightM);
  const reach = Math.sqrt(span ** 2 + body.shankM ** 2 - sides * Math.cos(opened));
  const rise = ankleY - contact.y;
  if (Math.abs(rise) > reach) return { status: 'infeasible', limit: 'feet-too-far' };
  const ankle = { x: Math.sqrt(reach ** 2 - rise ** 2) + setUp.footOffsetM, y: ankleY };
  const top = middleJoint(contact, ankle, span, body.shankM, 1);
  if (!top) return { status: 'infeasible', limit: 'feet-too-far' };
  const topAngle = Math.atan2(top.y - contact.y, top.x - contact.x);
  const lowAngle = Math.atan2(0.06 * body.heightM - contact.y, toHip);
  const angle = lowAngle + (topAngle - lowAngle) * (setUp.lift ?? 1);
  const hip = { x: contact.x + toHip * Math.cos(angle), y: contact.y + toHip * Math.sin(angle) };
  const knee = middleJoint(hip, ankle, body.thighM, body.shankM, 1) ?? top;
  const shoulder = { x: hip.x - body.trunkM * Math.cos(angle), y: hip.y - body.trunkM * Math.sin(angle) };
  const m = body.massKg;
  const alongTrunk = (share: number) => hip.x + (shoulder.x - hip.x) * share;
  const mix = (a: Point, b: Point, share: number) => a.x + (b.x - a.x) * share;
  const [footKg, shankKg, thighKg] = [2 * MASS_SHARE.foot * m, 2 * MASS_SHARE.shank * m, 2 * MASS_SHARE.thigh * m];
  const footX = ankle.x + 0.25 * body.footM;
  const shankX = mix(ankle, knee, CENTRE.shankFromAnkle);
  const thighX = mix(hip, knee, CENTRE.thighFromHip);
  const moment =
    MASS_SHARE.trunkAndHead * m * alongTrunk(CENTRE.trunkFromHip) +
    MASS_SHARE.arms * m * alongTrunk(1) +
    setUp.loadKg * hip.x +
    footKg * footX +
    shankKg * shankX +
    thighKg * thighX;
  const force = (GRAVITY * moment) / ankle.x;
  const hipNm =
    force * (ankle.x - hip.x) - GRAVITY * (footKg * (footX - hip.x) + shankKg * (shankX - hip.x) + thighKg * (thighX - hip.x));
  const kneeFlexorNm = force * (ankle.x - knee.x) - GRAVITY * (footKg * (footX - knee.x) + shankKg * (shankX - knee.x));
  const hamstrings = bridge.hamstringShare / (1 - bridge.hamstringShare);
  const gluteShare = hipNm <= 0 ? 0 : Math.max(0, 1 - (Math.max(0, kneeFlexorNm) * hamstrings) / hipNm);
  const shinDeg = (Math.atan2(knee.x - ankle.x, knee.y - ankle.y) * 180) / Math.PI;
  return { status: 'feasible', pose: { contact, hip, knee, ankle, shoulder, shinDeg }, hipNm, kneeFlexorNm, gluteShare };
};
