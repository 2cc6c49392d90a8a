export { fitBand } from './bands/fit';
export type { BandCurve, BandFit, BandPoint, BandPull } from './bands/fit';
export { skeletonAt, solveFigure } from './figure/figure-at';
export { distance } from './figure/geometry';
export { makeFigure } from './figure/make-figure';
export type { FigureSource, ModelMoment } from './figure/makers/types';
export type { SolvedPose } from './figure/solve';
export type {
  Anchor,
  FigureImplement,
  FigureSpec,
  FootPlacement,
  FrontPose,
  KeyPose,
  LegPoints,
  Point,
  Prop,
  SideFigure,
  Skeleton,
} from './figure/types';
export { ankleDegFromKneeToWall, postureBody } from './posture/body';
export type { MeasuredSegments } from './posture/body';
export { solveBridge } from './posture/bridge';
export { solveFloorPull, solveHinge } from './posture/hinge';
export { LEVEL_DEPTH } from './posture/depth';
export { askModel, isModelled } from './posture/model';
export type { ModelPose, ModelQuestion, ModelResult } from './posture/model';
export { roundSafe } from './posture/round-safe';
export { solveSplit } from './posture/split-squat';
export { solveSquat } from './posture/squat';
export { sweep } from './posture/sweep';
export type { SweepQuestion, SweepStep } from './posture/sweep';
export { asBand, gluteBand, postureReasons } from './posture/why';
export type { PostureBody, PostureRemedies, PostureResult } from './posture/types';
export { FOOT, SEGMENTS } from './segments';
export type { Segments } from './segments';
