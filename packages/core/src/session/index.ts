// What happens to a session while it runs: changes of the day, the check-in, pain as it stands today.
export { checkSession, NOT_ASKED } from './check';
export { loadsJoint, worksMuscle } from './areas';
export { onFloor } from './on-floor';
export type { OnFloor } from './on-floor';
export { clearedPain, holdsToday, painToday } from './pain-today';
export type { Checked } from './rule';
export { changesOfPlan } from './time-changes';
export type { CheckIn, CheckResult, FloorChange, Proposal } from './types';
