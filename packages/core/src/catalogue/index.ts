import { makeCatalogue } from './catalogue';
import { VARIATIONS } from './variations';

/** The variations that ship with Drubo. */
export const builtInCatalogue = makeCatalogue(VARIATIONS);

export { byFamily, findVariation, getVariation, makeCatalogue } from './catalogue';
export type { Catalogue } from './catalogue';
export { checkCustom, customEntry, withCustom } from './custom';
export type { CustomProblem, CustomVariation } from './custom';
export { FAULT_TABLE, getFault } from './faults';
export type { AidId, Fault, FaultCue, Remedy } from './faults';
export { LADDERS } from './ladders';
export { byEmphasis, byKit, bySearch, kitFor, laddersOf, neighbours, rungsOf, scaleOf, TRAINS_FROM } from './lookups';
export type { KitAnswer } from './lookups';
export { checkValues, oneNotch, valueAt } from './notch';
export type { Notch, OffScale } from './notch';
export { remediesFor } from './remedies';
export type { Gate, Ladder, LeverScale, RepRange, Rung, Sibling, Variation } from './types';
