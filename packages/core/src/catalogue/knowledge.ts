export { FAULT_TABLE, getFault } from './faults';
export type { AidId, Fault, FaultCue, Remedy } from './faults';
export { LADDERS } from './ladders';
export { byEmphasis, byKit, bySearch, kitFor, laddersOf, neighbours, rungsOf, scaleOf, TRAINS_FROM } from './lookups';
export type { KitAnswer } from './lookups';
export { checkValues, oneNotch, valueAt } from './notch';
export type { Notch, OffScale } from './notch';
export { hasPlaces } from './places';
export { remediesFor } from './remedies';
