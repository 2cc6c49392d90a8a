import { poseBetween, solvePose } from '@drubo/core';
import type { FigureSpec, LegPoints, Point, Skeleton } from '@drubo/core';

/** A rectangle in shares of standing height. */
export interface Box {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/** Room around the joints for the head and what is carried. */
const MARGIN = 0.075;
/** Room under the floor for the thickness of a foot's line and the floor's own. */
const BELOW_FLOOR = 0.05;

/** The skeleton of a figure at a depth from 0 (tall) to 1 (low). A pose out of reach is a mistake in the catalogue. */
export const skeletonAt = (figure: FigureSpec, depth: number): Skeleton => {
  const solved = solvePose(figure, poseBetween(figure.top, figure.bottom, depth));
  if (solved.status !== 'solved') throw new Error(`figure: ${solved.limb} out of reach at depth ${depth}`);
  return solved.skeleton;
};

const legPoints = ({ knee, ankle, heel, ball, toe }: LegPoints): Point[] => [knee, ankle, heel, ball, toe];

/** The frame that holds a figure in every position between its two ends, so that the drawing never jumps. */
export const boundsOf = (figure: FigureSpec): Box => {
  const points = [0, 0.5, 1].flatMap((depth) => {
    const { head, shoulder, hip, elbow, hand, near, far } = skeletonAt(figure, depth);
    return [head, shoulder, hip, elbow, hand, ...legPoints(near), ...legPoints(far)];
  });
  const xs = points.map((point) => point.x);
  const ys = points.map((point) => point.y);
  return {
    minX: Math.min(...xs) - MARGIN,
    maxX: Math.max(...xs) + MARGIN,
    minY: -BELOW_FLOOR,
    maxY: Math.max(...ys) + MARGIN,
  };
};
