export type { SeenFault, SetRecord } from './types';
export { currentSets } from './current';
export { nextSlot, slotsFor } from './slots';
export type { SetSlot } from './slots';
