export { ENGINE_VERSION, decideExercise, decideSession } from './decide';
export type { Change, Decision, ExerciseLog } from './types';
