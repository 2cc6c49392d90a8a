import type { MassUnit } from '../vocabulary';

/** Kilograms in one pound, exactly. Source: international yard and pound agreement, 1959. */
export const KG_PER_LB = 0.45359237;

/**
 * Mass in kilograms of a value read in kg or lb. Exact; nothing is rounded.
 * @example toKg(45, 'lb') // 20.41165665
 */
export const toKg = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : value * KG_PER_LB);

/**
 * A mass in kilograms as a number in the trainer's unit. Not rounded: round only when showing.
 * @example fromKg(20.41165665, 'lb') // 45
 */
export const fromKg = (kg: number, unit: MassUnit): number => (unit === 'kg' ? kg : kg / KG_PER_LB);
