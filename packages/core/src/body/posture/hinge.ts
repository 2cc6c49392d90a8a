import { fallBelowZero } from './bisect';
import { MODEL } from './constants';
import { footOnWedge } from './foot-on-wedge';
import { baseAt, momentsOf, poseOf, RAD, stanceOf } from './linkage';
import type { Stance } from './linkage';
import type { PostureBody, PosturePose, PostureResult } from './types';
import { reachingUpperBody } from './upper-body';

/** A hinge as it is set up: the knee's bend is held, straight arms reach a load at a fixed place. */
export interface HingeSetUp {
  loadKg: number;
  kneeDeg: number;
  /** Height of the hands over the floor, metres. */
  handsM: number;
  /** Where the load stands, metres ahead of the heel; over mid-foot where nothing is said. */
  handX?: number;
}

/** A pull from the floor or blocks at its start: the shin is given. */
export interface FloorPullSetUp {
  loadKg: number;
  shinDeg: number;
  handsM: number;
}

const midFoot = (body: PostureBody): number => MODEL.pressureAt * body.footM;

const stanceWith = (body: PostureBody, loadKg: number, handX: number): Stance =>
  stanceOf(body, footOnWedge(body, 0), reachingUpperBody(body, loadKg, handX));

/** Shin and thigh that balance a hinge at a lean, or null. Radians. */
const legsForHinge = (stance: Stance, bend: number, lean: number): [shin: number, thigh: number] | null => {
  const a = stance.kS + stance.kT * Math.cos(bend);
  const b = -stance.kT * Math.sin(bend);
  const sine = (stance.target - baseAt(stance, lean)) / Math.hypot(a, b);
  if (Math.abs(sine) > 1) return null;
  const shin = Math.asin(sine) - Math.atan2(b, a);
  return [shin, bend - shin];
};

const legsForPull = (stance: Stance, shin: number, lean: number): [shin: number, thigh: number] | null => {
  const sine = (baseAt(stance, lean) + stance.kS * Math.sin(shin) - stance.target) / stance.kT;
  return Math.abs(sine) > 1 ? null : [shin, Math.asin(sine)];
};

/** How high straight arms hold the load, or null where it is out of their reach. */
const handHeight = (body: PostureBody, pose: PosturePose, handX: number): number | null => {
  const aside = pose.shoulder.x - handX;
  return Math.abs(aside) > body.armM ? null : pose.shoulder.y - Math.sqrt(body.armM ** 2 - aside ** 2);
};

type LegsAt = (lean: number) => [shin: number, thigh: number] | null;

/** Tips the trunk until the hands are down at their height. */
const tipUntilHandsAt = (stance: Stance, legsAt: LegsAt, handsM: number, handX: number): PosturePose | null => {
  const poseAt = (lean: number) => {
    const legs = legsAt(lean);
    return legs && poseOf(stance, legs[0], legs[1], lean);
  };
  const heightAt = (lean: number): number | null => {
    const pose = poseAt(lean);
    return pose && handHeight(stance.body, pose, handX);
  };
  const overHands = (lean: number): number => (heightAt(lean) ?? Infinity) - handsM;
  const lean = fallBelowZero(0, MODEL.hingeTrunkDeg * RAD, overHands);
  return lean === null ? null : poseAt(lean);
};

const outOfReach = (): PostureResult => ({
  status: 'infeasible',
  limit: 'reach',
  offBalanceCm: 0,
  remedies: { heelLiftMm: null, ankleDeg: null, counterweightKg: null, thighDeg: null },
});

/**
 * A hinge with a held knee bend, leaned until straight arms bring the load to `handsM`.
 * @example solveHinge(body, { loadKg: 75, kneeDeg: 20, handsM: 0.35 }) // Romanian deadlift
 */
export const solveHinge = (body: PostureBody, { loadKg, kneeDeg, handsM, handX = midFoot(body) }: HingeSetUp): PostureResult => {
  const stance = stanceWith(body, loadKg, handX);
  const pose = tipUntilHandsAt(stance, (lean) => legsForHinge(stance, kneeDeg * RAD, lean), handsM, handX);
  if (!pose) return outOfReach();
  return { status: 'feasible', pose, moments: momentsOf(stance, pose), limitedBy: null };
};

/**
 * The start of a pull: bar over mid-foot, shin 10–15°, hips where balance puts them.
 * @example solveFloorPull(body, { loadKg: 100, shinDeg: 12, handsM: 0.225 })
 */
export const solveFloorPull = (body: PostureBody, { loadKg, shinDeg, handsM }: FloorPullSetUp): PostureResult => {
  const stance = stanceWith(body, loadKg, midFoot(body));
  const pose = tipUntilHandsAt(stance, (lean) => legsForPull(stance, shinDeg * RAD, lean), handsM, midFoot(body));
  if (!pose) return outOfReach();
  return { status: 'feasible', pose, moments: momentsOf(stance, pose), limitedBy: null };
};

/** The stance of a hinge, for checking its knee moment from the ground. */
export const hingeStance = (body: PostureBody, { loadKg, handX = midFoot(body) }: HingeSetUp): Stance =>
  stanceWith(body, loadKg, handX);
