import { OWN_LOAD_FROM_PERCENT, sideDifference } from '../../progression';
import { reason } from '../../vocabulary';
import { estimateNext } from '../next-set';
import type { AdviceRule } from '../types';

/** Pain from here on makes a leg sore: the other trains as usual instead of matching it. */
const SORE_FROM = 3;

/** The weaker leg went first: the other matches its load and reps, unless the first was cut short by pain. */
export const matchSide: AdviceRule = {
  id: 'match-side',
  advise: (input, last) => {
    const { next } = input;
    if (!next || next.side === 'both' || next.side === last.side || next.kind !== last.kind) return null;
    if (next.setIndex !== last.setIndex || last.kind !== 'work' || last.reps === null || last.reps === 0) return null;
    if (last.endedBy === 'pain' || (last.jointPain ?? 0) >= SORE_FROM) return null;
    const difference = sideDifference(input);
    // Far apart, each side may have a load of its own: the stronger goes by its own estimate.
    if (difference && difference.percent > OWN_LOAD_FROM_PERCENT) {
      const own = estimateNext(input);
      if (own) {
        const said = reason('advice-own-load', { side: next.side, percent: difference.percent }, 'strength-model');
        return { kind: 'go', reasons: [said], next: own.set, restSeconds: 0 };
      }
    }
    const why = reason('advice-match-side', { side: next.side, reps: last.reps }, 'common-practice');
    return { kind: 'go', reasons: [why], next: { loadKg: last.externalKg, reps: last.reps }, restSeconds: 0 };
  },
};
