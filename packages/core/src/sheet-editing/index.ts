// What a trainer does to a sheet: put exercises on, swap, step numbers, take an arrangement over, put warnings right.
export { adaptTo } from './adapt';
export type { Adapted, Source } from './adapt';
export { applyFix } from './apply-fix';
export { withValues } from './held-at';
export { chosenByHand, sheetOfComposition, withArrangement, withCoolDown } from './place';
export { settleItem, settleSheet } from './settle';
export type { SettledItem } from './settle';
export { sheetChanges } from './sheet-changes';
export { stepDose, STEPPED, stepTempo } from './step-dose';
export type { Stepped } from './step-dose';
export { sumsOf } from './sums';
export type { Sums } from './sums';
export { swappedIn } from './swap-in';
export type { DraftItem, DraftSheet, EditedItem, EditedSheet, Made, SheetFrame } from './types';
