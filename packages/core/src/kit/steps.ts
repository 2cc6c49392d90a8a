import type { Load } from './types';

const EPSILON_KG = 0.0005;

/**
 * The load nearest to `kg` that is not above it; the lightest when all are above; undefined for an empty kit.
 * `loads` must be sorted lightest first, as `loadsFor` gives them.
 */
export const snapDown = (loads: readonly Load[], kg: number): Load | undefined =>
  loads.findLast((load) => load.externalKg <= kg + EPSILON_KG) ?? loads[0];

/** The next heavier load the kit makes, or undefined at the top. */
export const nextUp = (loads: readonly Load[], kg: number): Load | undefined =>
  loads.find((load) => load.externalKg > kg + EPSILON_KG);

/** The next lighter load the kit makes, or undefined at the bottom. */
export const nextDown = (loads: readonly Load[], kg: number): Load | undefined =>
  loads.findLast((load) => load.externalKg < kg - EPSILON_KG);
