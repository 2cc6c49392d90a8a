import { makeCatalogue } from './catalogue';
import { VARIATIONS } from './variations';

/** The variations that ship with Drubo. */
export const builtInCatalogue = makeCatalogue(VARIATIONS);

export { byFamily, findVariation, getVariation, makeCatalogue, mustBeLoaded } from './catalogue';
export type { Catalogue } from './catalogue';
export { heldDepth } from './held-depth';
export { checkCustom, customEntry, faultsToChoose, withCustom } from './custom';
export type { CustomProblem, CustomVariation } from './custom';
export type { Gate, Ladder, LeverScale, RepRange, Rung, Sibling, Variation } from './types';
