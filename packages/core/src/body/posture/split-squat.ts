import { middleJoint } from '../figure/geometry';
import type { Point } from '../figure/types';
import { FOOT } from '../segments';
import { edgeOf } from './bisect';
import { CENTRE, GRAVITY, MASS_SHARE, MODEL } from './constants';
import { footOnWedge } from './foot-on-wedge';
import { momentsFrom, RAD } from './linkage';
import type { CarryId, PostureBody, PostureMoments, PosturePose } from './types';
import { carriedUpperBody, trunkMoment } from './upper-body';
import type { UpperBody } from './upper-body';

/** A split squat as it is set up. */
export interface SplitSetUp {
  carry: CarryId;
  loadKg: number;
  /** Front heel to rear ball, metres. */
  strideM: number;
  /** Share of the weight on the front foot, .75–.80. */
  frontShare: number;
  leanDeg: number;
  /** Front thigh back of vertical; 90 is level. */
  thighDeg: number;
  /** Height of the rear foot's support, metres. */
  rearHeightM?: number;
}

/** The front leg's position and load, and where the rear leg is. Front-leg moments, low back in all. */
export interface SplitPose extends PosturePose {
  rearKnee: Point;
  rearAnkle: Point;
}

export type SplitResult =
  | {
      status: 'feasible';
      pose: SplitPose;
      moments: PostureMoments;
      /** What the model had to change from what was asked, in order. */
      adjusted: readonly ('lean' | 'front-share')[];
      frontShare: number;
    }
  | { status: 'infeasible'; limit: 'stride' | 'ankle' };

interface Place {
  pose: SplitPose;
  /** First moment of everything about x = 0, kg·m. */
  moment: number;
  upper: number;
}

/** A point of the rear foot, whose sole is turned up about its ball: share of its length, and metres above the sole. */
const onRearFoot = (body: PostureBody, setUp: SplitSetUp, lengthAt: number, up: number): Point => {
  const sole = MODEL.rearSoleDeg * RAD;
  const back = (FOOT.ballAt - lengthAt) * body.footM;
  return {
    x: -setUp.strideM - back * Math.cos(sole) + up * Math.sin(sole),
    y: (setUp.rearHeightM ?? 0) + back * Math.sin(sole) + up * Math.cos(sole),
  };
};

const placeAt = (body: PostureBody, upper: UpperBody, setUp: SplitSetUp, shin: number, lean: number): Place | null => {
  const foot = footOnWedge(body, 0);
  const thigh = setUp.thighDeg * RAD;
  const { ankle } = foot;
  const knee = { x: ankle.x + body.shankM * Math.sin(shin), y: ankle.y + body.shankM * Math.cos(shin) };
  const hip = { x: knee.x - body.thighM * Math.sin(thigh), y: knee.y + body.thighM * Math.cos(thigh) };
  const rearAnkle = onRearFoot(body, setUp, FOOT.ankleAt, body.ankleHeightM);
  const rearKnee = middleJoint(hip, rearAnkle, body.thighM, body.shankM, 1);
  if (!rearKnee) return null;
  const m = body.massKg;
  const mix = (a: Point, b: Point, share: number) => a.x + (b.x - a.x) * share;
  const rearFootX = onRearFoot(body, setUp, MODEL.footCentreAt, MODEL.footCentreUp * body.ankleHeightM).x;
  const legs =
    m * MASS_SHARE.foot * (foot.centreX + rearFootX) +
    m * MASS_SHARE.shank * (mix(ankle, knee, CENTRE.shankFromAnkle) + mix(rearAnkle, rearKnee, CENTRE.shankFromAnkle)) +
    m * MASS_SHARE.thigh * (mix(hip, knee, CENTRE.thighFromHip) + mix(hip, rearKnee, CENTRE.thighFromHip));
  const above = trunkMoment(upper, lean) + upper.massKg * hip.x;
  const shoulder = { x: hip.x + body.trunkM * Math.sin(lean), y: hip.y + body.trunkM * Math.cos(lean) };
  const pose: SplitPose = {
    shinDeg: shin / RAD,
    thighDeg: setUp.thighDeg,
    trunkDeg: lean / RAD,
    kneePastToesCm: (knee.x - body.footM) * 100,
    ankle,
    knee,
    hip,
    shoulder,
    rearKnee,
    rearAnkle,
  };
  return { pose, moment: legs + above, upper: above };
};

const momentsAt = (body: PostureBody, upper: UpperBody, totalKg: number, frontShare: number, { pose }: Place): PostureMoments => {
  const { ankle, knee, hip } = pose;
  const x = MODEL.pressureAt * body.footM;
  const force = frontShare * totalKg * GRAVITY;
  const [footKg, shankKg, thighKg] = [MASS_SHARE.foot, MASS_SHARE.shank, MASS_SHARE.thigh].map(
    (share) => share * body.massKg,
  ) as [number, number, number];
  const shankX = ankle.x + CENTRE.shankFromAnkle * (knee.x - ankle.x);
  const thighX = hip.x + CENTRE.thighFromHip * (knee.x - hip.x);
  const kneeNm = force * (knee.x - x) - GRAVITY * (footKg * (knee.x - x) + shankKg * (knee.x - shankX));
  const hipNm = force * (x - hip.x) - GRAVITY * (footKg * (x - hip.x) + shankKg * (shankX - hip.x) + thighKg * (thighX - hip.x));
  const lean = pose.trunkDeg * RAD;
  const l5x = MODEL.l5At * body.trunkM * Math.sin(lean);
  const lowBack = upper.pieces
    .filter((piece) => !piece.isPelvis)
    .reduce((sum, p) => sum + p.massKg * (p.u * Math.sin(lean) + p.n * Math.cos(lean) + p.w - l5x), 0);
  return momentsFrom(kneeNm, hipNm, GRAVITY * lowBack);
};

/**
 * The bottom of a split squat: weight shared between front mid-foot and rear ball, front shin from balance. Past the
 * ankle's range the shin stops there and the trunk leans; past the lean's limit weight moves to the rear foot, and the
 * result says so.
 * @example solveSplit(body, { carry: 'sides', loadKg: 20, strideM: 0.7, frontShare: 0.75, leanDeg: 10, thighDeg: 90 })
 */
export const solveSplit = (body: PostureBody, setUp: SplitSetUp): SplitResult => {
  const upper = carriedUpperBody(body, setUp.carry, setUp.loadKg, 0);
  const totalKg = body.massKg + setUp.loadKg;
  const targetFor = (share: number) => totalKg * (share * MODEL.pressureAt * body.footM - (1 - share) * setUp.strideM);
  const cap = body.ankleDeg * RAD;
  const reaches = (shin: number, lean: number, share: number): boolean => {
    const place = placeAt(body, upper, setUp, shin, lean);
    // Out of the rear leg's reach: the hip is too far forward already.
    return place === null || place.moment >= targetFor(share);
  };
  const done = (shin: number, lean: number, frontShare: number, adjusted: readonly ('lean' | 'front-share')[]): SplitResult => {
    const place = placeAt(body, upper, setUp, shin, lean);
    if (!place) return { status: 'infeasible', limit: 'stride' };
    return {
      status: 'feasible',
      pose: place.pose,
      moments: momentsAt(body, upper, totalKg, frontShare, place),
      adjusted,
      frontShare,
    };
  };
  const asked = setUp.leanDeg * RAD;
  const shin = edgeOf(-40 * RAD, cap, (value) => reaches(value, asked, setUp.frontShare));
  if (shin !== null) return done(shin, asked, setUp.frontShare, []);
  const most = MODEL.splitLeanDeg * RAD;
  const lean = edgeOf(asked, most, (value) => reaches(cap, value, setUp.frontShare));
  if (lean !== null) return done(cap, lean, setUp.frontShare, ['lean']);
  const share = edgeOf(setUp.frontShare, 0.5, (value) => reaches(cap, most, value));
  return share === null ? { status: 'infeasible', limit: 'ankle' } : done(cap, most, share, ['lean', 'front-share']);
};
