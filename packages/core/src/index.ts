// Units and loads
export { CM_PER_INCH, KG_PER_LB, cmToInches, fromKg, inchesToCm, toKg } from './units';
export { KIT_PRESETS, UNLOADED, defaultKit, loadsFor, nextDown, nextUp, snapDown } from './kit';
export type { ImplementUse, Kit, KitPiece, KitPreset, Load } from './kit';

// The body: its posture and its drawing
export {
  LEVEL_DEPTH,
  SEGMENTS,
  ankleDegFromKneeToWall,
  asBand,
  askModel,
  distance,
  fitBand,
  isModelled,
  makeFigure,
  postureBody,
  postureReasons,
  roundSafe,
  skeletonAt,
  solveBridge,
  solveFigure,
  solveFloorPull,
  solveHinge,
  solveSplit,
  solveSquat,
  sweep,
} from './body';
export type {
  Anchor,
  BandPoint,
  FigureImplement,
  FigureSource,
  FigureSpec,
  LegPoints,
  ModelMoment,
  ModelPose,
  ModelResult,
  Point,
  PostureBody,
  Prop,
  Segments,
  Skeleton,
  SweepQuestion,
  SweepStep,
} from './body';

// Dose and tempo
export {
  DOSE_FIELDS,
  GOAL_DOSES,
  applyStage,
  firstDose,
  formatTempo,
  isSameDose,
  loadsForVariation,
  partSeconds,
  repsTop,
  secondsPerRep,
  setSeconds,
  sheetMinutes,
  tempoAt,
} from './dose';
export type { Dose, DoseField, DosePerson, DoseWhy, Stage, TempoMoment, TempoPhase } from './dose';

// The log, the verdict, the next sheet
export { currentSets, nextSlot, slotsFor } from './log';
export type { SeenFault, SetRecord, SetSlot } from './log';
export { painAdvice } from './coaching';
export { PAIN_BANDS, painBand } from './limits';
export { ENGINE_VERSION, decideExercise, decideSession } from './progression';
export type { Change, Decision, ExerciseLog } from './progression';
export { planSheet, trackAfter } from './composer';
export type { PlannedItem, SheetInput, Track } from './composer';
