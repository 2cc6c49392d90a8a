export { alternativesTo } from './alternatives';
export type { Eased, TrackMemory } from './memory';
export { settingsKept } from './settings-kept';
export { carefulCause } from './estimate-next';
export { loadBorne } from './load-borne';
export { habitOf } from './habit-of';
export { OWN_LOAD_FROM_PERCENT } from './sides';
export { cutLoad, PAIN_CUT } from './cut-load';
export { fewerForPain, wasCutForPain } from './pain-before';
export type { Alternative } from './alternatives';
export { decideExercise, decideSession, ENGINE_VERSION } from './decide';
export { defaultMethod } from './default-method';
export { askFor, estimateFor, historyOf, replayedFor, sidesOf } from './estimate-next';
export type { EstimateFrom, Estimated } from './estimate-next';
export { gateEvidence, gateTarget, sessionsMet } from './gates/evidence';
export type { GateEvidence, GateTarget } from './gates/evidence';
export { nextRungs, rungAt } from './gates/next-rung';
export { gateDays, standOn } from './gates/standing';
export type { KeptStanding, Standing, StandingInput } from './gates/standing';
export { sideDifference } from './sides';
export type { SideDifference } from './sides';
export { aimAt } from './aim';
export { mayGoBeyond } from './may-go-beyond';
export { easeOneStep } from './ease';
export { isFailedFeeler } from './failed-feeler';
export { PAIN_NOT_ASKED } from './types';
export type {
  Change,
  Decision,
  ExerciseLog,
  JudgeContext,
  Outcome,
  PainContext,
  DoneExercise,
  PastExercise,
  TraceStep,
} from './types';
