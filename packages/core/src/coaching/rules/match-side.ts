import { reason } from '../../vocabulary';
import type { AdviceRule } from '../types';

/** Pain from here on makes a leg sore: the other trains as usual instead of matching it. */
const SORE_FROM = 3;

/** The weaker leg went first: the other matches its load and reps, unless the first was cut short by pain. */
export const matchSide: AdviceRule = {
  id: 'match-side',
  advise: ({ next }, last) => {
    if (!next || next.side === 'both' || next.side === last.side || next.kind !== last.kind) return null;
    if (next.setIndex !== last.setIndex || last.kind !== 'work' || last.reps === null || last.reps === 0) return null;
    if (last.endedBy === 'pain' || (last.jointPain ?? 0) >= SORE_FROM) return null;
    const why = reason('advice-match-side', { side: next.side, reps: last.reps }, 'common-practice');
    return { kind: 'go', reasons: [why], next: { loadKg: last.externalKg, reps: last.reps }, restSeconds: 0 };
  },
};
