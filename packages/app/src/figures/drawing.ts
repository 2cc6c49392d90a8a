import type { Anchor, Point, Skeleton } from '@drubo/core';

/** Maps the body's shares of height to drawing units, with line thicknesses. */
export interface Drawing {
  at(point: Point): { x: number; y: number };
  /** Drawing units per standing height. */
  scale: number;
  /** Thickness of a limb. */
  thick: number;
}

export const LIMB = { fill: 'none', strokeLinecap: 'round', strokeLinejoin: 'round' } as const;

/** Points as a polyline takes them. */
export const pathOf = ({ at }: Drawing, ...points: Point[]): string =>
  points.map((point) => `${at(point).x},${at(point).y}`).join(' ');

/** Where an anchor is on this skeleton. */
export const anchorAt = (anchor: Anchor, s: Skeleton): Point => {
  switch (anchor) {
    case 'hand':
      return s.arm.hand;
    case 'hip':
      return s.hip;
    case 'shoulder':
      return s.shoulder;
    case 'near-knee':
      return s.near.knee;
    case 'far-knee':
      return s.far.knee;
    case 'near-foot':
      return s.near.ball;
    case 'far-foot':
      return s.far.ball;
    case 'feet':
      return { x: (s.near.ball.x + s.far.ball.x) / 2, y: Math.min(s.near.ball.y, s.far.ball.y) };
    default:
      return anchor;
  }
};
