/** What a reason's sentence needs, as a type alone: nothing of it is there while the program runs. */
export interface Values<V> {
  readonly values?: V;
}

/** The values of one reason: `'top-of-range': values<{ sets: number; reps: number }>()`. */
export const values = <V>(): Values<V> => ({});

/** A reason that says all by its code. */
export const noValues = values<Record<string, never>>();

/** Code → values, of a group of reasons. */
export type ValuesOf<Reasons> = { [C in keyof Reasons]: Reasons[C] extends Values<infer V> ? V : never };
