import { reason } from '../../vocabulary';
import { NOTHING } from '../rule';
import type { CheckRule } from '../rule';

/** Painkillers: pain numbers don't count, so nothing moves up today. */
export const painkillers: CheckRule = {
  id: 'painkillers',
  check: ({ painkillers: taken }) =>
    taken
      ? {
          stops: [],
          proposals: [{ id: 'painkillers', change: null, reason: reason('check-painkillers', {}, 'common-practice') }],
        }
      : NOTHING,
};
