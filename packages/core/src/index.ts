// Units and loads
export { addDays, dateOfDay, dayNumber, daysBetween } from './units';
export { CM_PER_INCH, KG_PER_LB, cmToInches, fromKg, inchesToCm, toKg } from './units';
export {
  KIT_PRESETS,
  UNLOADED,
  barOf,
  barSetup,
  bigJumps,
  defaultKit,
  externalKgOf,
  isSameMass,
  loadsFor,
  nextDown,
  nextUp,
  readSizes,
  roomOf,
  snapDown,
  startKit,
} from './kit';
export type { BarSetup, ImplementUse, Kit, KitGear, KitMachine, KitPiece, KitPreset, Load, PlaceKit, SizesProblem } from './kit';

// The body: its posture and its drawing
export {
  LEVEL_DEPTH,
  SEGMENTS,
  ankleDegFromKneeToWall,
  asBand,
  gluteBand,
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
  PostureRemedies,
  PostureBody,
  Prop,
  Segments,
  Skeleton,
  SweepQuestion,
  SweepStep,
} from './body';

// Dose and tempo
export {
  allowedLoads,
  asksReserve,
  doseHeldAt,
  DOSE_FIELDS,
  GOAL_DOSES,
  applyStage,
  feelersLeft,
  firstDose,
  formatTempo,
  isSameDose,
  loadsForVariation,
  minutesReason,
  plannedReps,
  repsTop,
  schoolCues,
  secondsPerRep,
  setSeconds,
  sheetMinutes,
  tempoAt,
} from './dose';
export { partSeconds } from './vocabulary';
export type { Dose, DoseField, DosePerson, DoseWhy, Stage, TempoMoment, TempoPhase } from './dose';

// The load engine as one pure function
export { nextWorkSet } from './strength';
export type { DoneSet, NextSetContext, PastSession } from './strength';

// The log
export {
  believedAt,
  currentSets,
  doneAt,
  doubtsOf,
  isClockAhead,
  isDoubtful,
  isHardKind,
  isOfSlot,
  nextSlot,
  restsFrom,
  sessionTime,
  setIdFor,
  shortSetIdFor,
  slotsFor,
} from './log';
export type { Doubt, SeenFault, SetRecord, SetSlot } from './log';
export { PAIN_BANDS, painBand } from './limits';
