import { STATES, X } from './types';
import type { Belief } from './types';

/**
 * Skill of a lift that is new to the person: the next session usually goes better than the trend says, and less surely,
 * fading over the first half dozen. Basis: common practice (beginners add 3 to 5 % a week at first); figures house.
 */
const LEARNING = { firstGain: 0.02, firstSd: 0.03, fadeSessions: 2 } as const;

/** Lifts and widens what is expected of a movement after `sessions` of it. */
export const addLearning = (belief: Belief, sessions: number): Belief => {
  const share = Math.exp(-Math.max(0, sessions - 1) / LEARNING.fadeSessions);
  const mean = [...belief.mean];
  const cov = [...belief.cov];
  mean[X] = (mean[X] ?? 0) + LEARNING.firstGain * share;
  cov[X * STATES + X] = (cov[X * STATES + X] ?? 0) + (LEARNING.firstSd * share) ** 2;
  return { mean, cov };
};
