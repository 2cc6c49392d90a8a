export { leansTo } from './option';
export { chooseStart } from './choose-start';
export type { Start, StartInput } from './choose-start';
export { planSheet, planWholeSheet, startOf } from './plan-sheet';
export type { PlannedSheet } from './plan-sheet';
export { asShaped } from './as-shaped';
export { substitutesFor } from './substitutes';
export { standingOnRung, standingsByLifts } from './known-standings';
export { placedOn, placementLock } from './place-on-rung';
export { knownStage } from './known-stage';
export { planItem } from './plan-item';
export { carryForward } from './carry-forward';
export { carrySheet } from './carry-sheet';
export type { Carried, WaitingItem } from './carry-sheet';
export { trackAfter } from './track-after';
export type { Settlement } from './track-after';
export { compose } from './compose';
export { passedOver } from './gave-up';
export type { Composition, Wish } from './compose';
export { changesBetween } from './changes';
export type { SheetChange } from './changes';
export { blocksOf, firstOfPattern, timedBlocks } from './content';
export type { Block, Content, ContentItem } from './content';
export {
  addItem,
  evenRounds,
  freeSlot,
  moveItem,
  moveTo,
  pairWithNext,
  removeItem,
  replaceItem,
  setRole,
  setRoundRest,
  unpair,
} from './edits';
export { fetchList } from './fetch-list';
export type { FetchList } from './fetch-list';
export { balanceOf, warningsOf } from './warnings';
export type { Fix, Warning } from './warnings';
export { recentWork } from './recent-work';
export type { DoneExercise } from './recent-work';
export { solve } from './solve';
export type { Problem, Solution, SolverOption } from './solve';
export { targetReasons, weekFor } from './targets';
export { openFor } from './accessory-options';
export { countsFor, NEEDS, SESSION_CAP } from './weekly-table';
export type { Need } from './weekly-table';
export { SPLIT } from './shapes';
export { coolDownFor } from './mobility';
export { usualShape } from './usual-shape';
export type { ComposedItem } from './arrange';
export type { DayTarget, LeftOff, PlannedFor, PlannedItem, RecentWork, SheetInput, Track } from './types';
