export { alternativesTo } from './alternatives';
export type { Alternative } from './alternatives';
export { decideExercise, decideSession, ENGINE_VERSION } from './decide';
export { defaultMethod } from './default-method';
export { askFor, estimateFor, historyOf, sidesOf } from './estimate-next';
export type { EstimateFrom, Estimated } from './estimate-next';
export { gateEvidence, gateTarget, sessionsMet } from './gates/evidence';
export type { GateEvidence, GateTarget } from './gates/evidence';
export { nextRungs, rungAt } from './gates/next-rung';
export { standOn } from './gates/standing';
export type { Standing, StandingInput } from './gates/standing';
export { sideDifference } from './sides';
export type { SideDifference } from './sides';
export { mayGoBeyond } from './step-up';
export { PAIN_NOT_ASKED } from './types';
export type {
  Change,
  Decision,
  ExerciseLog,
  JudgeContext,
  Outcome,
  PainContext,
  PastExercise,
  TraceStep,
} from './types';
