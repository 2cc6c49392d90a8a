export { planSheet } from './plan-sheet';
export type { SheetInput } from './plan-sheet';
export { carryForward } from './carry-forward';
export { trackAfter } from './track-after';
export type { PlannedItem, Track } from './types';
