export { aKnownLift, aSet, aJudgeContext, anExerciseLog, aSheetInput, HOME_ALONE } from './builders';
export { aLoggedSet, aRunning } from './running';
