import { CENTRE, GRAVITY, MASS_SHARE, MODEL } from './constants';
import type { WedgedFoot } from './foot-on-wedge';
import type { PostureBody, PostureMoments, PosturePose } from './types';
import { trunkMoment } from './upper-body';
import type { UpperBody } from './upper-body';

export const RAD = Math.PI / 180;

/** Body, foot and upper body of one two-leg stance, with the sums balance needs. */
export interface Stance {
  body: PostureBody;
  foot: WedgedFoot;
  upper: UpperBody;
  /** kg·m per unit of sin(shin) and sin(thigh). */
  kS: number;
  kT: number;
  /** m_tot · X. */
  target: number;
  footKg: number;
  shankKg: number;
  thighKg: number;
}

export const stanceOf = (body: PostureBody, foot: WedgedFoot, upper: UpperBody): Stance => {
  const footKg = 2 * MASS_SHARE.foot * body.massKg;
  const shankKg = 2 * MASS_SHARE.shank * body.massKg;
  const thighKg = 2 * MASS_SHARE.thigh * body.massKg;
  const total = upper.massKg + upper.fixedKg + footKg + shankKg + thighKg;
  return {
    body,
    foot,
    upper,
    footKg,
    shankKg,
    thighKg,
    target: total * foot.targetX,
    kS: body.shankM * (upper.massKg + thighKg + CENTRE.shankFromAnkle * shankKg),
    kT: body.thighM * (upper.massKg + (1 - CENTRE.thighFromHip) * thighKg),
  };
};

/** The part of the balance that depends on neither shin nor thigh, at a lean. kg·m */
export const baseAt = (s: Stance, lean: number): number =>
  trunkMoment(s.upper, lean) +
  s.upper.fixedSum +
  s.foot.ankle.x * (s.upper.massKg + s.shankKg + s.thighKg) +
  s.footKg * s.foot.centreX;

/** The lean that balances given shin and thigh (radians), or NaN where none does. */
export const leanFor = (s: Stance, shin: number, thigh: number): number => {
  const legs = s.kS * Math.sin(shin) - s.kT * Math.sin(thigh) + baseAt(s, 0) - trunkMoment(s.upper, 0);
  const c = s.target - legs - s.upper.aheadSum;
  const { alongSum: a, frontSum: b } = s.upper;
  return Math.asin(c / Math.hypot(a, b)) - Math.atan2(b, a);
};

/** Where the combined centre stands relative to its target, metres; positive is ahead. */
export const offBalance = (s: Stance, shin: number, thigh: number, lean: number): number => {
  const total = s.target / s.foot.targetX;
  return (baseAt(s, lean) + s.kS * Math.sin(shin) - s.kT * Math.sin(thigh) - s.target) / total;
};

/** Joint places and angles of a stance. */
export const poseOf = ({ body, foot }: Stance, shin: number, thigh: number, lean: number): PosturePose => {
  const { ankle } = foot;
  const knee = { x: ankle.x + body.shankM * Math.sin(shin), y: ankle.y + body.shankM * Math.cos(shin) };
  const hip = { x: knee.x - body.thighM * Math.sin(thigh), y: knee.y + body.thighM * Math.cos(thigh) };
  const shoulder = { x: hip.x + body.trunkM * Math.sin(lean), y: hip.y + body.trunkM * Math.cos(lean) };
  return {
    shinDeg: shin / RAD,
    thighDeg: thigh / RAD,
    trunkDeg: lean / RAD,
    kneePastToesCm: (knee.x - body.footM) * 100,
    ankle,
    knee,
    hip,
    shoulder,
  };
};

/** Work of knee and hip as one share; a negative knee moment is hamstring work, never a negative share. */
export const momentsFrom = (kneeNm: number, hipNm: number, lowBackNm: number): PostureMoments => {
  const [knee, hip] = [Math.max(0, kneeNm), Math.max(0, hipNm)];
  return {
    kneeNm,
    hipNm,
    lowBackNm,
    kneeShare: knee + hip === 0 ? 0 : knee / (knee + hip),
    kneeFlexorNm: Math.max(0, -kneeNm),
  };
};

/** What knees, hips and low back carry, from everything above each joint. */
export const momentsOf = (s: Stance, { knee, hip, trunkDeg }: PosturePose): PostureMoments => {
  const lean = trunkDeg * RAD;
  const { upper, thighKg } = s;
  const above = trunkMoment(upper, lean) + upper.massKg * hip.x + upper.fixedSum;
  const aboveKg = upper.massKg + upper.fixedKg;
  const thighX = knee.x - (1 - CENTRE.thighFromHip) * (knee.x - hip.x);
  const l5x = hip.x + MODEL.l5At * s.body.trunkM * Math.sin(lean);
  let lowBack = upper.fixedSum - upper.fixedKg * l5x;
  for (const piece of upper.pieces) {
    if (piece.isPelvis) continue;
    lowBack += piece.massKg * (hip.x + piece.u * Math.sin(lean) + piece.n * Math.cos(lean) + piece.w - l5x);
  }
  return momentsFrom(
    (GRAVITY * (aboveKg * knee.x - above + thighKg * (knee.x - thighX))) / 2,
    (GRAVITY * (above - aboveKg * hip.x)) / 2,
    GRAVITY * lowBack,
  );
};

/** The knee moment per leg, counted from the ground up; must equal the one counted from above. */
export const kneeFromGround = (s: Stance, { knee, ankle }: PosturePose): number => {
  const total = s.target / s.foot.targetX;
  const shankX = ankle.x + CENTRE.shankFromAnkle * (knee.x - ankle.x);
  const legs = s.footKg * (knee.x - s.foot.centreX) + s.shankKg * (knee.x - shankX);
  return (GRAVITY * (total * (knee.x - s.foot.targetX) - legs)) / 2;
};
