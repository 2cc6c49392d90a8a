// A session while it runs, as the floor shows it: where the trainer stands, what comes, what is on the pad, the rest.
export { adviceFor, factsOf, firstSideOf } from './advice-for';
export type { ExerciseFacts } from './advice-for';
export { askedFor, isLastSide, parentOf, passedOver } from './coming-set';
export {
  askedOf,
  endingOf,
  freshPad,
  isAsPlanned,
  isUnclean,
  markDangerous,
  padOf,
  removalOf,
  RESERVE_CAPS,
  SECONDS_LEFT,
  SAID_OF_A_SET,
  setBodyOf,
  tapFault,
} from './pad';
export type { Asked, Pad, SetSaid } from './pad';
export { countRows, currentExercise, exercisesOf, lastLogged, slotAfterRamp } from './progress';
export { likelyFaults } from './likely-faults';
export { rampsOf } from './ramps';
export { runningRest } from './rest';
export type { RestByHand, RunningRest } from './rest';
export { canDropAfter, goesOnAfter, nextDrop, setsOf } from './standing-at';
export { thingsOf, withoutTaken } from './taken-kit';
export type { TakenThing } from './taken-kit';
export type { Exercise, LiveItem, LiveSheet, Row, Running } from './types';
export { drillsLeft } from './drills';
export type { DrillRow } from './drills';
