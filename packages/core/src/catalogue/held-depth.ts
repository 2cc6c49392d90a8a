import type { Variation } from './types';

/**
 * Where a timed hold is held: 0 its tall end, 1 its low end; null for what moves, timed or not. The registry's own word
 * for an end, “held”, says which; a hold without one stands at its tall end.
 *
 * @example heldDepth(wallSit) // 1
 */
export const heldDepth = ({ seconds, traits, holdsAt }: Pick<Variation, 'seconds' | 'traits' | 'holdsAt'>): 0 | 1 | null => {
  if (seconds === null || !traits.includes('hold')) return null;
  return holdsAt.bottom.startsWith('held') ? 1 : 0;
};
