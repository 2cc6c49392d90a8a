import type { Variation } from '../catalogue';
import type { Load } from '../kit';
import { isEstimable } from '../strength';
import type { MethodId, Schools } from '../vocabulary';

/**
 * Where a load is moved and strength can be read from it, the person's school, reserve-led unless chosen otherwise; by
 * the ladder's gates where nothing is held.
 */
export const defaultMethod = (variation: Variation, load: Pick<Load, 'externalKg'>, schools: Schools = {}): MethodId =>
  isEstimable(variation) && load.externalKg > 0 ? (schools.progress ?? 'reserve-led') : 'ladder-gate';
