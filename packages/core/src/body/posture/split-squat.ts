import { middleJoint } from '../figure/geometry';
import type { Point } from '../figure/types';
import { FOOT } from '../segments';
import { fallBelowZero } from './bisect';
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

/** What stays while a split squat is solved: the rear foot and the masses' share of it. */
interface Fixed {
  body: PostureBody;
  upper: UpperBody;
  thigh: number;
  frontAnkle: Point;
  frontFootX: number;
  rearAnkle: Point;
  rearFootX: number;
}

interface Legs {
  knee: Point;
  hip: Point;
  rearKnee: Point;
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

const fixedFor = (body: PostureBody, upper: UpperBody, setUp: SplitSetUp): Fixed => {
  const foot = footOnWedge(body, 0);
  return {
    body,
    upper,
    thigh: setUp.thighDeg * RAD,
    frontAnkle: foot.ankle,
    frontFootX: foot.centreX,
    rearAnkle: onRearFoot(body, setUp, FOOT.ankleAt, body.ankleHeightM),
    rearFootX: onRearFoot(body, setUp, MODEL.footCentreAt, MODEL.footCentreUp * body.ankleHeightM).x,
  };
};

/** Both legs for a front shin angle, or null where the rear leg can't reach the hip. */
const legsAt = ({ body, thigh, frontAnkle, rearAnkle }: Fixed, shin: number): Legs | null => {
  const knee = { x: frontAnkle.x + body.shankM * Math.sin(shin), y: frontAnkle.y + body.shankM * Math.cos(shin) };
  const hip = { x: knee.x - body.thighM * Math.sin(thigh), y: knee.y + body.thighM * Math.cos(thigh) };
  const rearKnee = middleJoint(hip, rearAnkle, body.thighM, body.shankM, 1);
  return rearKnee ? { knee, hip, rearKnee } : null;
};

/** First moment of the whole body about the front heel, kg·m. */
const firstMoment = (fixed: Fixed, { knee, hip, rearKnee }: Legs, lean: number): number => {
  const { body, upper, frontAnkle, frontFootX, rearAnkle, rearFootX } = fixed;
  const [shank, thigh] = [CENTRE.shankFromAnkle, CENTRE.thighFromHip];
  const shanks = (frontAnkle.x + rearAnkle.x) * (1 - shank) + (knee.x + rearKnee.x) * shank;
  const thighs = 2 * hip.x * (1 - thigh) + (knee.x + rearKnee.x) * thigh;
  const legs = MASS_SHARE.foot * (frontFootX + rearFootX) + MASS_SHARE.shank * shanks + MASS_SHARE.thigh * thighs;
  return body.massKg * legs + trunkMoment(upper, lean) + upper.massKg * hip.x;
};

const poseAt = ({ body, thigh, frontAnkle, rearAnkle }: Fixed, legs: Legs, shin: number, lean: number): SplitPose => ({
  shinDeg: shin / RAD,
  thighDeg: thigh / RAD,
  trunkDeg: lean / RAD,
  kneePastToesCm: (legs.knee.x - body.footM) * 100,
  ankle: frontAnkle,
  ...legs,
  shoulder: { x: legs.hip.x + body.trunkM * Math.sin(lean), y: legs.hip.y + body.trunkM * Math.cos(lean) },
  rearAnkle,
});

const momentsAt = (body: PostureBody, upper: UpperBody, totalKg: number, frontShare: number, pose: SplitPose): PostureMoments => {
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

/** A front shin never leans back further than this, radians; less than this on the front foot is no split squat. */
const LEAST_SHIN = -40 * RAD;
const LEAST_SHARE = 0.5;

/**
 * The bottom of a split squat: weight shared between front mid-foot and rear ball, front shin from balance. Past the
 * ankle's range the shin stops there and the trunk leans; past the lean's limit weight moves to the rear foot, and the
 * result says so.
 * @example solveSplit(body, { carry: 'sides', loadKg: 20, strideM: 0.7, frontShare: 0.75, leanDeg: 10, thighDeg: 90 })
 */
export const solveSplit = (body: PostureBody, setUp: SplitSetUp): SplitResult => {
  const upper = carriedUpperBody(body, setUp.carry, setUp.loadKg, 0);
  const fixed = fixedFor(body, upper, setUp);
  const totalKg = body.massKg + setUp.loadKg;
  const targetFor = (share: number) => totalKg * (share * MODEL.pressureAt * body.footM - (1 - share) * setUp.strideM);
  const cap = body.ankleDeg * RAD;
  /** How far the whole centre still is behind its target; out of the rear leg's reach the hip is too far forward already. */
  const behind = (shin: number, lean: number, share: number): number => {
    const legs = legsAt(fixed, shin);
    return legs ? targetFor(share) - firstMoment(fixed, legs, lean) : -Infinity;
  };
  const done = (shin: number, lean: number, frontShare: number, adjusted: readonly ('lean' | 'front-share')[]): SplitResult => {
    const legs = legsAt(fixed, shin);
    if (!legs) return { status: 'infeasible', limit: 'stride' };
    const pose = poseAt(fixed, legs, shin, lean);
    return { status: 'feasible', pose, moments: momentsAt(body, upper, totalKg, frontShare, pose), adjusted, frontShare };
  };
  const asked = setUp.leanDeg * RAD;
  const shin = fallBelowZero(LEAST_SHIN, cap, (value) => behind(value, asked, setUp.frontShare));
  if (shin !== null) return done(shin, asked, setUp.frontShare, []);
  const most = MODEL.splitLeanDeg * RAD;
  const lean = fallBelowZero(asked, most, (value) => behind(cap, value, setUp.frontShare));
  if (lean !== null) return done(cap, lean, setUp.frontShare, ['lean']);
  const share = fallBelowZero(setUp.frontShare, LEAST_SHARE, (value) => behind(cap, most, value));
  return share === null ? { status: 'infeasible', limit: 'ankle' } : done(cap, most, share, ['lean', 'front-share']);
};
