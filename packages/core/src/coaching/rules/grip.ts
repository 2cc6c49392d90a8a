import { reason } from '../../vocabulary';
import { carriedOn } from '../next-set';
import type { AdviceRule } from '../types';

/** The hands gave out: what helps the hands, never a lighter load for the legs. */
export const grip: AdviceRule = {
  id: 'grip',
  advise: (input, last) =>
    last.endedBy === 'grip'
      ? {
          kind: 'change',
          reasons: [reason('advice-grip', { setIndex: last.setIndex }, 'common-practice')],
          next: carriedOn(input),
          restSeconds: null,
        }
      : null,
};
