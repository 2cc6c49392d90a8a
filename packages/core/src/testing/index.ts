export { aSet, anExerciseLog } from './builders';
