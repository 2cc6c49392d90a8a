// What judges a session and plans the next: the server's, and the review's and the live screen's, loaded with them.
export { adviseAfterSet, adviseFirstSet, firstSide, fitIntoTime, painAdvice, restAfter, swapTo } from './coaching';
export type { Advice, AdviceInput, NextSet } from './coaching';
export {
  alternativesTo,
  decideExercise,
  decideSession,
  defaultMethod,
  ENGINE_VERSION,
  estimateFor,
  gateDays,
  habitOf,
  historyOf,
  PAIN_NOT_ASKED,
  standOn,
} from './progression';
export type {
  Alternative,
  Change,
  Decision,
  ExerciseLog,
  JudgeContext,
  KeptStanding,
  Outcome,
  DoneExercise,
  PastExercise,
  TrackMemory,
  Standing,
  TraceStep,
} from './progression';
