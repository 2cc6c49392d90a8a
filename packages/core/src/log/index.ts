export { doubtsOf, isDoubtful, SET_BOUNDS } from './doubts';
export type { Doubt } from './doubts';
export { believedAt, doneAt, isClockAhead, restsFrom, sessionTime } from './done-at';
export type { SeenFault, SetRecord } from './types';
export { currentSets } from './current';
export { setIdFor, shortSetIdFor } from './set-id';
export { isHardKind, isOfSlot, nextSlot, slotsFor } from './slots';
export type { SetSlot } from './slots';
