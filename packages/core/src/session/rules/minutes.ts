import { fitIntoTime } from '../../coaching';
import type { Proposal } from '../types';
import { NOTHING } from '../rule';
import type { CheckRule } from '../rule';
import { changesOfPlan } from '../time-changes';

/** Fewer minutes than the sheet takes: what to pair, trim and drop, from the bottom, the main lift kept. */
export const minutes: CheckRule = {
  id: 'minutes',
  check: ({ minutes: given }, items) => {
    if (given === null) return NOTHING;
    const plan = fitIntoTime(items, given);
    const proposals = changesOfPlan(plan).map(({ change, reason }): Proposal => ({
      id: `${change.kind}-${change.itemId}`,
      change,
      reason,
    }));
    return { stops: [], proposals };
  },
};
