import { reason } from '../../vocabulary';
import { carriedOn } from '../next-set';
import type { AdviceRule } from '../types';

/** Nothing speaks against the plan. */
export const asPlanned: AdviceRule = {
  id: 'as-planned',
  advise: (input) => ({
    kind: 'go',
    reasons: [reason('advice-as-planned', {}, 'house-default')],
    next: carriedOn(input),
    restSeconds: null,
  }),
};
