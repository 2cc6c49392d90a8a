import type { Reason } from '../vocabulary';

/** The numbers of a dose that can be asked "why?". */
export const DOSE_FIELDS = ['sets', 'reps', 'load', 'tempo', 'rest', 'reserve'] as const;
export type DoseField = (typeof DOSE_FIELDS)[number];

/** The reasons behind each number of a dose, in the order they applied. */
export type DoseWhy = Record<DoseField, readonly Reason[]>;
