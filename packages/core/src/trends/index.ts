// What the log amounts to over time: weeks, and one movement session by session.
export { exercisePoints } from './exercise';
export type { Banded, ExercisePoint } from './exercise';
export { monotonyOf } from './monotony';
export type { TrendExercise, TrendSession, TrendSet, TrendWeek } from './types';
export { trendWeeks } from './weeks';
