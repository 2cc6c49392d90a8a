// What a rep sensor tells: what of it can be believed, and what it says about a set.
export { believable, doubtsOfRep, REP_BOUNDS } from './doubts';
export { keptOnAverage, slowDown, tempoKept, tempoMeasured } from './measure';
export type { RepDoubt, SensedRep } from './types';
