import { gluteBridge } from './bridge/glute-bridge';
import { makeCatalogue } from './catalogue';
import { dumbbellRomanianDeadlift } from './hinge/dumbbell-romanian-deadlift';
import { splitSquat } from './lunge/split-squat';
import { gobletSquat } from './squat/goblet-squat';

/** The variations that ship with Drubo, in the order a session takes them: skilful and heavy first. */
export const builtInCatalogue = makeCatalogue([gobletSquat, dumbbellRomanianDeadlift, splitSquat, gluteBridge]);

export { byFamily, findVariation, getVariation, makeCatalogue } from './catalogue';
export type { Catalogue } from './catalogue';
export type { RepRange, Variation } from './types';
