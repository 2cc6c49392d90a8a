export { chooseStart } from './choose-start';
export type { Start, StartInput } from './choose-start';
export { planSheet, planWholeSheet } from './plan-sheet';
export type { PlannedSheet, SheetInput } from './plan-sheet';
export { carryForward } from './carry-forward';
export { trackAfter } from './track-after';
export type { LeftOff, PlannedItem, Track } from './types';
