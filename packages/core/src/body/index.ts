export { FOOT, SEGMENTS } from './segments';
export type { Arms, FigureImplement, FigureSpec, FootPlacement, KeyPose, LegPoints, Point, Skeleton } from './figure/types';
export { solvePose } from './figure/solve';
export type { SolvedPose } from './figure/solve';
export { poseBetween } from './figure/between';
export { distance } from './figure/geometry';
