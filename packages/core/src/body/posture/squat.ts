import { edgeOf } from './bisect';
import { CARRIES, MODEL } from './constants';
import { footOnWedge } from './foot-on-wedge';
import { baseAt, leanFor, momentsOf, offBalance, poseOf, RAD, stanceOf } from './linkage';
import type { Stance } from './linkage';
import type { CarryId, PostureBody, PostureRemedies, PostureResult, SquatSetUp } from './types';
import { carriedUpperBody } from './upper-body';

/** A squat solved for its angles, or how far off balance it stays. Radians. */
type Solved =
  { at: { shin: number; lean: number }; byTrunk: boolean } | { off: number; limit: 'ankle' | 'knees-at-toes' | 'balance' };

const stanceFor = (body: PostureBody, setUp: SquatSetUp): Stance =>
  stanceOf(
    body,
    footOnWedge(body, setUp.heelLiftMm),
    carriedUpperBody(body, setUp.carry, setUp.loadKg, setUp.heldAtM ?? MODEL.counterweightAtM),
  );

const solve = (stance: Stance, setUp: SquatSetUp): Solved => {
  const { body, foot } = stance;
  const carry = CARRIES[setUp.carry];
  const thigh = setUp.thighDeg * RAD;
  const slope = foot.slope;
  const ankleCap = body.ankleDeg * RAD + slope;
  const toeCap = Math.asin(Math.min(1, (body.footM - foot.ankle.x) / body.shankM));
  const isLimited = setUp.kneeTravel === 'limited';
  const cap = isLimited ? Math.min(ankleCap, toeCap) : ankleCap;
  const ramp = Math.min(setUp.thighDeg / 90, MODEL.shinRamp);
  const preferred = Math.min(cap, ramp * (Math.min(carry.preferredShinDeg, body.ankleDeg) * RAD + slope));
  const leanMax = Math.min(carry.trunkLimitDeg, MODEL.closedHipDeg - setUp.thighDeg) * RAD;
  const lean = leanFor(stance, preferred, thigh);
  if (lean >= 0 && lean <= leanMax) return { at: { shin: preferred, lean }, byTrunk: false };
  const held = lean < 0 ? 0 : leanMax;
  const sine = (stance.target - baseAt(stance, held) + stance.kT * Math.sin(thigh)) / stance.kS;
  const shin = Math.asin(Math.max(-1, Math.min(1, sine)));
  if (Math.abs(sine) > 1 || shin > cap + 1e-12) {
    const limit = isLimited && toeCap < ankleCap ? 'knees-at-toes' : Math.abs(sine) > 1 ? 'balance' : 'ankle';
    return { off: offBalance(stance, cap, thigh, held), limit };
  }
  return { at: { shin, lean: held }, byTrunk: true };
};

const canHold = (body: PostureBody, setUp: SquatSetUp): boolean => 'at' in solve(stanceFor(body, setUp), setUp);

/** Carries that leave the hands free to hold a counterweight. */
const HANDS_FREE: readonly CarryId[] = ['none', 'arms-forward'];
const MOST = { heelMm: 80, ankleDeg: 60, counterweightKg: 30 } as const;

const remediesFor = (body: PostureBody, setUp: SquatSetUp): PostureRemedies => ({
  heelLiftMm: edgeOf(setUp.heelLiftMm, MOST.heelMm, (heelLiftMm) => canHold(body, { ...setUp, heelLiftMm })),
  ankleDeg: edgeOf(body.ankleDeg, MOST.ankleDeg, (ankleDeg) => canHold({ ...body, ankleDeg }, setUp)),
  counterweightKg: HANDS_FREE.includes(setUp.carry)
    ? edgeOf(0, MOST.counterweightKg, (loadKg) => canHold(body, { ...setUp, carry: 'counterweight', loadKg }))
    : null,
  thighDeg: edgeOf(setUp.thighDeg, 0, (thighDeg) => canHold(body, { ...setUp, thighDeg })),
});

/**
 * The squat this body can hold at this depth: shin by preference and ankle, lean from balance over mid-foot in closed
 * form. Infeasible is a result with its remedies. The order of front, high and low bar in the knee share follows from
 * each carry's preferred shin, an input, and is no prediction; nothing is said about which loads the low back least.
 * @example solveSquat(body, { carry: 'goblet', loadKg: 20, thighDeg: 90, heelLiftMm: 0, kneeTravel: 'free' })
 */
export const solveSquat = (body: PostureBody, setUp: SquatSetUp): PostureResult => {
  const stance = stanceFor(body, setUp);
  const solved = solve(stance, setUp);
  if ('off' in solved) {
    return {
      status: 'infeasible',
      limit: solved.limit,
      offBalanceCm: solved.off * 100,
      remedies: remediesFor(body, setUp),
    };
  }
  const pose = poseOf(stance, solved.at.shin, setUp.thighDeg * RAD, solved.at.lean);
  const isReported = setUp.thighDeg >= MODEL.reportedFromThighDeg;
  return {
    status: 'feasible',
    pose,
    moments: isReported ? momentsOf(stance, pose) : null,
    limitedBy: solved.byTrunk ? 'trunk' : null,
  };
};

/** Knee moment of a squat pose counted from the ground, per leg. For checking only. */
export { stanceFor as squatStance };
