import type { Segments } from '../segments';

/** A point in the picture: x forward (side view) or to the viewer's right (front view), y up; shares of standing height. */
export interface Point {
  x: number;
  y: number;
}

/** A point with its depth: z towards the viewer in a front view. */
export interface Point3 extends Point {
  z: number;
}

/**
 * A foot: flat, on its ball with the sole up, on its heel with the toes up, or its ankle anywhere with the toes
 * pointing `toesDeg` up from forward. `y` is the height of what it stands on.
 */
export type FootPlacement =
  | { kind: 'flat'; heelX: number; y?: number }
  | { kind: 'on-ball'; ballX: number; soleDeg: number; y?: number }
  | { kind: 'on-heel'; heelX: number; toesUpDeg: number; y?: number }
  | { kind: 'ankle-at'; x: number; y: number; toesDeg: number };

/** A leg that stands on nothing: thigh and shank from straight down, positive forward; the foot square to the shank. */
export interface FreeLeg {
  kind: 'free';
  thighDeg: number;
  shankDeg: number;
  /** Which way the toes point, up from forward; square to the shank where nothing is said. */
  toesDeg?: number;
}

/**
 * Arms: absolute angles from hanging straight down (positive forward); hands held at a place on the trunk (`along` from
 * hip to shoulder, `front` of it); or hands at a place in the room. Elbows bend down and back unless `elbow` says up.
 */
export type Arms =
  | { kind: 'angles'; upperDeg: number; forearmDeg: number }
  | { kind: 'held'; along: number; front: number; elbow?: 'up' }
  | { kind: 'at'; x: number; y: number; elbow?: 'up' };

/** What a pose hangs on: the near foot and the leg's angles, or the place of hip, knee or shoulder. */
export type Root =
  | { at: 'foot'; shankDeg: number; thighDeg: number }
  | { at: 'hip'; x: number; y: number }
  | { at: 'knee'; x: number; y: number; thighDeg: number }
  | { at: 'shoulder'; x: number; y: number };

/** One position in the side view. Angles in degrees from vertical, positive forward; lying on the back is −90. */
export interface KeyPose {
  root: Root;
  trunkDeg: number;
  /** Neck and head; follows the trunk where nothing is said. */
  headDeg?: number;
  /** Where a leg is in this pose; its own foot of the figure where nothing is said. */
  near?: FootPlacement | FreeLeg;
  far?: FootPlacement | FreeLeg;
  arms: Arms;
  /** The other arm, where it does something else. */
  farArms?: Arms;
}

/** A leg in the front view: where the ankle is, and which way toes and knee point. */
export interface FrontLeg {
  ankle: readonly [x: number, y: number, z: number];
  /** Degrees the toes turn out. */
  toesOutDeg: number;
  /** Direction the knee bends, where it isn't the toes'. */
  kneeTo?: readonly [x: number, y: number, z: number];
  /** Which way the sole faces; down where nothing is said. */
  soleTo?: readonly [x: number, y: number, z: number];
}

/** One position in the front view. Hands are given from their own shoulder. `left` is left in the picture. */
export interface FrontPose {
  hip: readonly [x: number, y: number, z: number];
  /** Trunk tipped to the viewer's right, and towards the viewer. */
  trunkSideDeg: number;
  trunkForwardDeg: number;
  /** Which way neck and head go, where it isn't the trunk's. */
  headTo?: readonly [x: number, y: number, z: number];
  /** Pelvis turned in the picture: positive lifts the left hip. */
  pelvisDeg?: number;
  left: FrontLeg;
  right: FrontLeg;
  leftHand: readonly [x: number, y: number, z: number];
  rightHand: readonly [x: number, y: number, z: number];
}

/** What is carried and where on the body. */
export interface FigureImplement {
  piece: 'bell' | 'dumbbell' | 'bar' | 'trap-bar' | 'safety-bar' | 'block';
  at: 'hands' | 'shoulders-front' | 'shoulders-back' | 'elbows' | 'hips' | 'belt';
  /** Two of them, one in each hand. */
  pair?: boolean;
  /** Bar on full-size discs, as from the floor. */
  fullDiscs?: boolean;
}

/** A named place on the body, or a place in the room. */
export type Anchor = 'hand' | 'hip' | 'shoulder' | 'near-knee' | 'far-knee' | 'near-foot' | 'far-foot' | 'feet' | Point;

/** What stands in the room. Sizes are shares of standing height. */
export type Prop =
  | { kind: 'box'; x: number; w: number; h: number; y?: number; label?: 'box' | 'bench' | 'seat' | 'pad' }
  | { kind: 'wall'; x: number; h?: number }
  | { kind: 'wedge'; x: number; w: number; h: number }
  | { kind: 'pole'; x: number; h: number }
  | { kind: 'ball'; x: number; y: number; r: number }
  | { kind: 'ball-at'; on: Anchor; r: number; dy?: number }
  | { kind: 'slider'; under: 'near-foot' | 'far-foot' | 'hand' }
  | { kind: 'line'; from: Anchor; to: Anchor; look: 'band' | 'strap' | 'frame' | 'stick' }
  | { kind: 'loop'; at: 'knees' | 'ankles' }
  | { kind: 'hands-band' }
  | { kind: 'back-stick' }
  | { kind: 'footplate' }
  | { kind: 'cushion'; x: number; y: number; w: number; h: number };

/** A movement in the side view: its feet, its two ends and what lies between. `top` is the tall end. */
export interface SideFigure {
  view: 'side';
  nearFoot: FootPlacement;
  farFoot: FootPlacement;
  top: KeyPose;
  /** Poses passed on the way from top to bottom. */
  between?: readonly KeyPose[];
  bottom: KeyPose;
  implement?: FigureImplement;
  props?: readonly Prop[];
  segments?: Segments;
}

/** A movement in the front view. */
export interface FrontFigure {
  view: 'front';
  top: FrontPose;
  between?: readonly FrontPose[];
  bottom: FrontPose;
  implement?: FigureImplement;
  props?: readonly Prop[];
  segments?: Segments;
}

export type FigureSpec = SideFigure | FrontFigure;

/** A leg from knee to toe. */
export interface LegPoints {
  knee: Point;
  ankle: Point;
  heel: Point;
  ball: Point;
  toe: Point;
}

/** An arm from elbow to grip. */
export interface ArmPoints {
  elbow: Point;
  hand: Point;
}

/** Joint positions of one solved pose. In the side view near is towards the viewer; in the front view it is the left leg. */
export interface Skeleton {
  view: 'side' | 'front';
  head: Point;
  shoulder: Point;
  hip: Point;
  /** The joint each limb starts from; the same as `shoulder` and `hip` in the side view. */
  nearHip: Point;
  farHip: Point;
  nearShoulder: Point;
  farShoulder: Point;
  near: LegPoints;
  far: LegPoints;
  arm: ArmPoints;
  farArm: ArmPoints;
}
