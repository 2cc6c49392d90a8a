import { historyOf, sidesOf } from '../progression';
import type { EstimateFrom } from '../progression';
import { isEstimable, lifterFor, replay } from '../strength';

/** A fortnight: what strength is compared over. */
const BACK_DAYS = 14;
/** Fewest sessions before and since for a comparison to say anything. House default. */
const LEAST_SESSIONS = 2;

/**
 * What the belief held possible for a lift a fortnight before a day, and holds since, one repetition, kg on the whole system; null
 * where too little was done to compare, or the estimator has no say.
 */
export const heldPossible = (from: EstimateFrom, day: number): { before: number; now: number } | null => {
  const [side = 'both'] = sidesOf(from);
  if (!isEstimable(from.variation)) return null;
  const history = historyOf(from, side);
  const earlier = history.filter((session) => session.day <= day - BACK_DAYS);
  if (earlier.length < LEAST_SESSIONS || history.length - earlier.length < LEAST_SESSIONS) return null;
  const lifter = lifterFor(from.variation, from.context.person);
  const at = (sessions: typeof history): number => Math.exp(replay(sessions, lifter).belief.mean[0] ?? 0);
  return { before: at(earlier), now: at(history) };
};
