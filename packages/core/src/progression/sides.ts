import { isEstimable, sdOfStrength } from '../strength';
import { isPerSide, reason } from '../vocabulary';
import type { Reason, Side } from '../vocabulary';
import { replayedFor } from './estimate-next';
import type { EstimateFrom } from './estimate-next';

/** Sessions each leg must have been seen in before the two are compared. */
const LEAST_SESSIONS = 3;
/** A difference must exceed this many standard errors. House default. */
const ERRORS = 2;
/** And be worth a word, as a share. House default. */
const LEAST_SHARE = 0.1;
/** Beyond this each side may have a load of its own. House default. */
export const OWN_LOAD_FROM_PERCENT = 15;

/** Which leg is weaker, and by how much. */
export interface SideDifference {
  weaker: Extract<Side, 'left' | 'right'>;
  percent: number;
  sessions: number;
}

/**
 * Compares the legs on estimated strength with total load, over three sessions or more and beyond the estimates' error;
 * null when there is no difference to speak of.
 */
export const sideDifference = (from: EstimateFrom): SideDifference | null => {
  if (!isPerSide(from.variation.stance) || !isEstimable(from.variation)) return null;
  const seen = (['left', 'right'] as const).map((side) => {
    const { history, at } = replayedFor(from, side);
    return { side, sessions: history.length, x: at.belief.mean[0] ?? 0, sd: sdOfStrength(at.belief) };
  });
  const [left, right] = seen;
  if (!left || !right) return null;
  const sessions = Math.min(left.sessions, right.sessions);
  if (sessions < LEAST_SESSIONS) return null;
  const gap = left.x - right.x;
  // Both legs share one rep curve and one habit of reporting, so most of their error is common.
  const error = Math.hypot(left.sd, right.sd) / 2;
  if (Math.abs(gap) < Math.max(LEAST_SHARE, ERRORS * error)) return null;
  return { weaker: gap > 0 ? 'right' : 'left', percent: Math.round((1 - Math.exp(-Math.abs(gap))) * 100), sessions };
};

/** The difference as a reason of a verdict. */
export const sideReason = (from: EstimateFrom): Reason[] => {
  const found = sideDifference(from);
  return found ? [reason('side-difference', { ...found }, 'strength-model')] : [];
};
