export { aKnownLift, aSet, aJudgeContext, anExerciseLog, aSheetInput, HOME_ALONE } from './builders';
export { aHealthInput } from './health';
export { aLoggedSet, aRunning } from './running';
export { seeded } from './seeded';
