export { aKnownLift, aSet, aJudgeContext, anExerciseLog } from './builders';
