import type { MassUnit } from '@drubo/core/vocabulary';

/** What the words need besides the values: the trainer's unit, and names of variations. */
export interface WordingContext {
  unit: MassUnit;
  readonly nameOf: (variationId: string) => string;
}

/** A sentence for every code of a group. */
export type WordsFor<Values> = { [C in keyof Values]: (values: Values[C], context: WordingContext) => string };
