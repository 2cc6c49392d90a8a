import type { Point } from '../figure/types';

/** Ways the posture model knows of carrying a load while squatting or lunging. */
export const CARRY_IDS = [
  'none',
  'arms-forward',
  'goblet',
  'counterweight',
  'front-bar',
  'high-back-bar',
  'low-back-bar',
  'sides',
  'overhead',
] as const;
export type CarryId = (typeof CARRY_IDS)[number];

/** A body as the model needs it: lengths in metres, mass in kg, ankle range in degrees of shin from vertical. */
export interface PostureBody {
  heightM: number;
  massKg: number;
  shankM: number;
  thighM: number;
  trunkM: number;
  footM: number;
  ankleHeightM: number;
  armM: number;
  ankleDeg: number;
}

/** A solved position. Angles in degrees: shin forward of vertical, thigh back of it, trunk forward of it. Points in metres. */
export interface PosturePose {
  shinDeg: number;
  thighDeg: number;
  trunkDeg: number;
  kneePastToesCm: number;
  ankle: Point;
  knee: Point;
  hip: Point;
  shoulder: Point;
}

/** What the joints carry. Newton-metres: knee and hip per leg, low back in all. Model values, never measurements. */
export interface PostureMoments {
  kneeNm: number;
  hipNm: number;
  lowBackNm: number;
  /** Front-of-thigh share of the work of knee and hip, 0–1. */
  kneeShare: number;
  /** Where the knee moment is negative: what the hamstrings hold there, per leg. 0 otherwise. */
  kneeFlexorNm: number;
}

/** What stops a position. */
export type PostureLimit = 'ankle' | 'knees-at-toes' | 'balance' | 'reach';

/** Each the smallest change that makes the position possible, to the safe side; null where it would not help. */
export interface PostureRemedies {
  heelLiftMm: number | null;
  ankleDeg: number | null;
  /** Held out in front at `counterweightAtM`. */
  counterweightKg: number | null;
  /** The deepest thigh angle possible as it is, degrees back of vertical. */
  thighDeg: number | null;
}

export interface Feasible {
  status: 'feasible';
  pose: PosturePose;
  /** Null where the thigh is more than 45° above level: the model says nothing there. */
  moments: PostureMoments | null;
  /** Set where the trunk's limit, not the preferred shin, decided. */
  limitedBy: 'trunk' | null;
}

/** A position that can't be held: a result, not an exception. */
export interface Infeasible {
  status: 'infeasible';
  limit: PostureLimit;
  /** How far the combined centre stays behind (negative) or ahead of mid-foot at the limit, cm. */
  offBalanceCm: number;
  remedies: PostureRemedies;
}

export type PostureResult = Feasible | Infeasible;

/** A squat as it is set up. */
export interface SquatSetUp {
  carry: CarryId;
  loadKg: number;
  /** Thigh back of vertical; 90 is level. */
  thighDeg: number;
  heelLiftMm: number;
  kneeTravel: 'free' | 'limited';
  /** How far ahead of the shoulder a counterweight is held, metres. */
  heldAtM?: number;
}
