import type { Gate } from './types';

const clean = (sets: number, reps: Gate['reps'], more: Partial<Gate> = {}): Gate => ({
  sets,
  reps,
  sessions: 2,
  basis: 'common-practice',
  ...more,
});

/** The gate of a rung that names none: top of the range in all three sets, clean, in two sessions. House default. */
export const TOP_OF_RANGE_TWICE: Gate = clean(3, 'top', { basis: 'house-default' });

/** Clean sets of so many reps, each side where it is one-sided. */
export const reps = (sets: number, count: number): Gate => clean(sets, count);

/** Clean sets at an external load of this share of body mass. */
export const repsAt = (sets: number, count: number, bodyMassShare: number): Gate => clean(sets, count, { bodyMassShare });

/** From the hands to a bar: a third of body mass, 24 kg at most, opens it empty, half opens it at what the belief gives. */
export const TO_A_BAR: Gate = clean(3, 10, { bodyMassShare: 1 / 3, mostKg: 24, freeShare: 0.5, basis: 'house-default' });

/** A new position under a bar: in the range, clean, in two sessions. */
export const IN_RANGE_TWICE: Gate = clean(3, 'low');

/** Clean holds of so many seconds. */
export const seconds = (sets: number, held: number): Gate => clean(sets, 1, { seconds: held });

/** Shown once is enough: skills that are either there or not. */
export const once = (sets: number, count: number): Gate => clean(sets, count, { sessions: 1 });
