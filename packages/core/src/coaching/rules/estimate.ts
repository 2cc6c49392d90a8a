import { reason } from '../../vocabulary';
import { carriedOn, estimateNext } from '../next-set';
import type { AdviceRule } from '../types';

/** Led by reserve: load and reps of the coming set from every set so far, today's weighing most. */
export const estimate: AdviceRule = {
  id: 'estimate',
  advise: (input, last) => {
    if (input.method !== 'reserve-led' || input.next?.kind !== 'work') return null;
    const found = estimateNext(input);
    const on = carriedOn(input);
    if (!found || !on) return null;
    const { set, reasons } = found;
    const isSame = Math.abs(set.loadKg - last.externalKg) < 0.001;
    const values = { loadKg: set.loadKg, reps: set.reps, reserve: input.dose.reserve, fromKg: last.externalKg };
    return {
      kind: isSame ? 'go' : 'change',
      reasons: [reason('advice-next', values, 'strength-model'), ...reasons],
      next: set,
      restSeconds: null,
    };
  },
};
