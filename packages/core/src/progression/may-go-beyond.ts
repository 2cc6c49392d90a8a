import type { Variation } from '../catalogue';

/** Movements whose reps never go past the range. */
const EXACT_FAMILIES = new Set(['power', 'prep']);

/** Whether reps may go past the range: not for get-ups, swings or skills. */
export const mayGoBeyond = ({ variation }: { variation: Variation }): boolean =>
  !EXACT_FAMILIES.has(variation.family) && !variation.traits.some((trait) => trait === 'get-up' || trait === 'swing');
