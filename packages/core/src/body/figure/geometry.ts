import type { Point } from './types';

const RAD = Math.PI / 180;

/** The point `length` away from `from`, at `deg` from straight up, positive forward. */
export const up = (from: Point, length: number, deg: number): Point => ({
  x: from.x + length * Math.sin(deg * RAD),
  y: from.y + length * Math.cos(deg * RAD),
});

/** The point `length` away from `from`, at `deg` from straight down, positive forward. */
export const down = (from: Point, length: number, deg: number): Point => ({
  x: from.x + length * Math.sin(deg * RAD),
  y: from.y - length * Math.cos(deg * RAD),
});

/** Straight-line distance. */
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * The middle joint of a two-piece limb from `from` to `to`, bending to the left of that direction when `bend` is 1.
 * A limb reaching from hip down to ankle bends its knee forward with 1. Out of reach: undefined.
 */
export const middleJoint = (from: Point, to: Point, first: number, second: number, bend: 1 | -1): Point | undefined => {
  const reach = distance(from, to);
  if (reach === 0 || reach > first + second || reach < Math.abs(first - second)) return undefined;
  const along = (first ** 2 - second ** 2 + reach ** 2) / (2 * reach);
  const aside = Math.sqrt(Math.max(0, first ** 2 - along ** 2)) * bend;
  const ux = (to.x - from.x) / reach;
  const uy = (to.y - from.y) / reach;
  return { x: from.x + along * ux - aside * uy, y: from.y + along * uy + aside * ux };
};
