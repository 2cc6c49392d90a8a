// Units and loads
export { CM_PER_INCH, KG_PER_LB, cmToInches, fromKg, inchesToCm, toKg } from './units';
export { UNLOADED, defaultKit, loadsFor, nextDown, nextUp, snapDown } from './kit';
export type { ImplementUse, Kit, KitPiece, Load } from './kit';

// The body and its drawing
export { SEGMENTS, distance, poseBetween, solvePose } from './body';
export type { Arms, FigureImplement, FigureSpec, FootPlacement, KeyPose, LegPoints, Point, Skeleton, SolvedPose } from './body';

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
