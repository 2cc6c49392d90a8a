export { drawPerson, loadForReps, repsToFailure } from './person';
export type { SimulatedPerson } from './person';
export { STRESS_PEOPLE, USUAL_PEOPLE } from './population';
export type { Population, StressId } from './population';
export { afterSet, firstDay, liftSet, nextDay, trueReps } from './train';
export type { SimulatedBody, SimulatedSet } from './train';
export type { Random } from './random';
export { senseSet } from './sensed-reps';
export type { SensedSet, SensorEvent } from './sensed-reps';
