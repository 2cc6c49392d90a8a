export { aSet, aJudgeContext, anExerciseLog } from './builders';
