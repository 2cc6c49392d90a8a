import type { CarryId } from './types';

/** Standard gravity, m/s². */
export const GRAVITY = 9.80665;

/**
 * Segment masses as shares of body mass, and centres along each segment.
 * Source: Winter, Biomechanics and Motor Control of Human Movement, table 4.1, from memory. Arms are taken out of the
 * head-arms-trunk mass because lumping them makes an unloaded lean 9° too large (house default).
 */
export const MASS_SHARE = { foot: 0.0145, shank: 0.0465, thigh: 0.1, trunkAndHead: 0.578, pelvis: 0.142, arms: 0.1 } as const;
export const CENTRE = {
  shankFromAnkle: 0.567,
  thighFromHip: 0.433,
  trunkFromHip: 0.66,
  pelvisFromHip: 0.1,
  restOfTrunkFromHip: 0.8424,
} as const;

/** Choices of this model, not measurements. Each is a house default. */
export const MODEL = {
  /** The centre of pressure is held here, as a share of foot length from the heel. */
  pressureAt: 0.5,
  /** A foot's own centre: share of its length from the heel, and of the ankle's height. */
  footCentreAt: 0.5,
  footCentreUp: 0.5,
  /** L5 sits this share of trunk length above the hip. */
  l5At: 0.1,
  /** A squat may run this far past the shin its depth asks for. */
  shinRamp: 1.15,
  /** Trunk and thigh can't close further than this, degrees. */
  closedHipDeg: 145,
  /** A trunk tips no further than just past level in a hinge, degrees. */
  hingeTrunkDeg: 100,
  /** Default ankle range where nobody measured it, degrees. */
  ankleDeg: 35,
  /** Moments are given only down from here: thigh back of vertical, degrees. */
  reportedFromThighDeg: 45,
  /** Rear sole in a split stance, degrees up. */
  rearSoleDeg: 60,
  /** The most a trunk leans in a split squat before weight moves back, degrees. */
  splitLeanDeg: 45,
  /** Kneecap ahead of the knee's centre in the knee-to-wall test, metres. */
  kneecapM: 0.05,
  /** Mass held out by the hands, as shares of the arms' mass at the shoulder and at the hand. */
  armsAtShoulder: 0.55,
  /** Where a counterweight is held when it is offered as a remedy, metres ahead of the shoulder. */
  counterweightAtM: 0.45,
  /**
   * Back contact in a bridge: trunk line above it (share of height), contact to hip (shares of trunk length). Feet as high as the body is tall
   * would open the knee by so many degrees at the top: upright thighs over level shins with the hips down.
   */
  bridge: { trunkLine: 0.03, contactOnFloor: 0.95, contactOnBench: 0.8, hamstringShare: 0.65, kneeOpensDeg: 117 },
  /** Radius of a full-size disc, metres: a bar on the floor is this high. */
  discRadiusM: 0.225,
} as const;

/** Where load and arms sit for a way of carrying, in metres for height 1 (shares of height) or shares of trunk length. */
export interface Carry {
  /** Along the trunk: share of trunk length, plus shares of height along and in front of it. */
  load: { trunk: number; along: number; front: number } | null;
  arms: { trunk: number; along: number; front: number; ahead: number };
  /** Shin angle at a level thigh a lifter prefers, degrees. */
  preferredShinDeg: number;
  trunkLimitDeg: number;
}

const at = (along: number, front: number) => ({ trunk: 1, along, front });
const arms = (along: number, front: number, ahead = 0) => ({ trunk: 1, along, front, ahead });

/** Ways of carrying. House defaults: the order of front, goblet, high and low bar follows from the preferred shin, an input. */
export const CARRIES: Record<CarryId, Carry> = {
  none: { load: null, arms: arms(0, 0), preferredShinDeg: 35, trunkLimitDeg: 75 },
  'arms-forward': { load: null, arms: arms(0, 0, 0.176), preferredShinDeg: 35, trunkLimitDeg: 75 },
  goblet: { load: at(-0.05, 0.1), arms: arms(-0.08, 0.06), preferredShinDeg: 38, trunkLimitDeg: 60 },
  counterweight: { load: at(0, 0), arms: arms(0, 0), preferredShinDeg: 35, trunkLimitDeg: 75 },
  'front-bar': { load: at(0.01, 0.05), arms: arms(-0.02, 0.08), preferredShinDeg: 38, trunkLimitDeg: 50 },
  'high-back-bar': { load: at(0.02, -0.03), arms: arms(-0.06, -0.02), preferredShinDeg: 33, trunkLimitDeg: 75 },
  'low-back-bar': { load: at(-0.02, -0.05), arms: arms(-0.07, -0.03), preferredShinDeg: 29, trunkLimitDeg: 75 },
  sides: { load: at(0, 0), arms: arms(0, 0), preferredShinDeg: 33, trunkLimitDeg: 75 },
  overhead: { load: at(0, 0), arms: arms(0, 0), preferredShinDeg: 38, trunkLimitDeg: 45 },
};
