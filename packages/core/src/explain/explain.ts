import type { BasisId, Reason, ReasonCode } from '../vocabulary';
import { BASIS_LABELS } from './labels';
import { WORDING } from './wording';
import type { WordingContext } from './wording';

/** A reason in words, and where it comes from. */
export interface Explanation {
  code: ReasonCode;
  text: string;
  source: string;
}

/**
 * Turns a reason into a sentence and its source.
 * @example explain(reason('not-done', {}, 'house-default'), context).text
 */
export const explain = (given: Reason, context: WordingContext): Explanation => ({
  code: given.code,
  text: (WORDING[given.code] as (values: Reason['values'], context: WordingContext) => string)(given.values, context),
  source: explainBasis(given.basis),
});

/** The source a number rests on, in words. */
export const explainBasis = (basis: BasisId): string => BASIS_LABELS[basis];
