import { skeletonAt } from '@drubo/core';
import type { FigureSpec, LegPoints, Point, Prop } from '@drubo/core';

import { anchorAt } from './drawing';

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

const legPoints = ({ knee, ankle, heel, ball, toe }: LegPoints): Point[] => [knee, ankle, heel, ball, toe];
const isPoint = (anchor: unknown): anchor is Point => typeof anchor === 'object';

/** Corners of what stands in the room. */
const propPoints = (prop: Prop): Point[] => {
  switch (prop.kind) {
    case 'box':
    case 'cushion':
      return [
        { x: prop.x, y: prop.y ?? 0 },
        { x: prop.x + prop.w, y: (prop.y ?? 0) + prop.h },
      ];
    case 'wall':
      return [{ x: prop.x, y: prop.h ?? 0.8 }];
    case 'pole':
      return [{ x: prop.x, y: prop.h }];
    case 'ball':
      return [
        { x: prop.x - prop.r, y: prop.y - prop.r },
        { x: prop.x + prop.r, y: prop.y + prop.r },
      ];
    case 'line':
      return [prop.from, prop.to].filter(isPoint);
    default:
      return [];
  }
};

/** A ball that goes with the body, at both ends. */
const movingPoints = (prop: Prop, figure: FigureSpec): Point[] =>
  prop.kind === 'ball-at'
    ? [0, 1].flatMap((depth) => {
        const { x, y } = anchorAt(prop.on, skeletonAt(figure, depth));
        return [
          { x: x - prop.r, y: y + (prop.dy ?? 0) },
          { x: x + prop.r, y: y + (prop.dy ?? 0) + prop.r },
        ];
      })
    : [];

/** The frame that holds a figure in every position between its two ends, so that the drawing never jumps. */
export const boundsOf = (figure: FigureSpec): Box => {
  const points = [0, 0.25, 0.5, 0.75, 1].flatMap((depth) => {
    const { head, shoulder, hip, near, far, arm, farArm } = skeletonAt(figure, depth);
    return [head, shoulder, hip, arm.elbow, arm.hand, farArm.elbow, farArm.hand, ...legPoints(near), ...legPoints(far)];
  });
  const room = (figure.props ?? []).flatMap((prop) => [...propPoints(prop), ...movingPoints(prop, figure)]);
  const xs = points.map((point) => point.x);
  const ys = points.map((point) => point.y);
  const edge = 0.02;
  return {
    minX: Math.min(...xs.map((x) => x - MARGIN), ...room.map(({ x }) => x - edge)),
    maxX: Math.max(...xs.map((x) => x + MARGIN), ...room.map(({ x }) => x + edge)),
    minY: -BELOW_FLOOR,
    maxY: Math.max(...ys.map((y) => y + MARGIN), ...room.map(({ y }) => y + edge)),
  };
};
