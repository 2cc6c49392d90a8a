/** A point in the side view: x forward, y up, both as shares of standing height. */
export interface Point {
  x: number;
  y: number;
}

/** A foot on the ground: where its heel stands, or its ball when the heel is up. */
export type FootPlacement = { kind: 'flat'; heelX: number } | { kind: 'on-ball'; ballX: number; soleDeg: number };

/**
 * Arms: absolute angles from hanging straight down (positive forward), or hands held at a place on the trunk
 * (`along` from hip to shoulder, `front` of it; shares of height), elbows then hang.
 */
export type Arms = { kind: 'angles'; upperDeg: number; forearmDeg: number } | { kind: 'held'; along: number; front: number };

/**
 * One position of the body in the side view. All angles are degrees from vertical, positive forward.
 * `standing`: legs by angles from the near foot up. `between-feet`: the hip is placed and both legs reach their feet.
 * `lying`: the shoulders rest on the floor and the hip is lifted by the trunk's angle.
 */
export type KeyPose =
  | { kind: 'standing'; shankDeg: number; thighDeg: number; trunkDeg: number; arms: Arms }
  | { kind: 'between-feet'; hip: Point; trunkDeg: number; arms: Arms }
  | { kind: 'lying'; trunkLiftDeg: number; arms: Arms };

/** What the figure carries, drawn at the hands or across the hips. */
export type FigureImplement = 'bell' | 'dumbbells' | 'dumbbell-on-hips' | 'none';

/** The drawing of a variation: its feet, and its two ends. `top` is the tall end, `bottom` the low one. */
export interface FigureSpec {
  nearFoot: FootPlacement;
  farFoot: FootPlacement;
  top: KeyPose;
  bottom: KeyPose;
}

/** Joint positions of one solved pose. Near leg towards the viewer. */
export interface Skeleton {
  head: Point;
  shoulder: Point;
  hip: Point;
  elbow: Point;
  hand: Point;
  near: LegPoints;
  far: LegPoints;
}

/** A leg from knee to toe. */
export interface LegPoints {
  knee: Point;
  ankle: Point;
  heel: Point;
  ball: Point;
  toe: Point;
}
