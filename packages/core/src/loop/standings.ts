import { LADDERS } from '../catalogue/knowledge';
import type { KeptStanding } from '../progression';
import type { SettledItem } from './settle';

/** The stage a standing is on; 0 for a rung that is gone. */
const stageOfStanding = ({ ladderId, rungId }: Pick<KeptStanding, 'ladderId' | 'rungId'>): number =>
  LADDERS.find(({ id }) => id === ladderId)?.rungs.find(({ id }) => id === rungId)?.stage ?? 0;

/**
 * Whether what was settled says where somebody stands on its ladder: nothing stood there, it is no lower, or it is what stood there
 * that went down. The lower movement of another day says nothing.
 */
const saysMore = (before: KeptStanding | undefined, after: KeptStanding, trainedId: string): boolean =>
  before === undefined || stageOfStanding(after) >= stageOfStanding(before) || before.variationId === trainedId;

/** Standings after a review, one a ladder; a late one overwrites nothing. Only those that changed. */
export const standingsAfter = (
  standings: readonly KeptStanding[],
  settled: readonly SettledItem[],
  date: string,
): KeptStanding[] => {
  const now = new Map(standings.map((one) => [one.ladderId, one]));
  const changed = new Set<string>();
  for (const { standing, proposal, trainedId, isLate } of settled) {
    if (!standing || isLate) continue;
    const after: KeptStanding = { ...standing, on: date, by: 'review', reasons: proposal.reasons, why: null };
    if (!saysMore(now.get(standing.ladderId), after, trainedId)) continue;
    now.set(standing.ladderId, after);
    changed.add(standing.ladderId);
  }
  return [...now.values()].filter(({ ladderId }) => changed.has(ladderId));
};

/** Standings with newer ones in the place of those of their ladders. */
export const withStandings = (standings: readonly KeptStanding[], newer: readonly KeptStanding[]): KeptStanding[] => [
  ...standings.filter(({ ladderId }) => !newer.some((one) => one.ladderId === ladderId)),
  ...newer,
];
