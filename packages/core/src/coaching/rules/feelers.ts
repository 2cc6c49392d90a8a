import { nextDown } from '../../kit';
import { isFailedFeeler } from '../../progression';
import { FEELERS } from '../../strength';
import { reason } from '../../vocabulary';
import { estimateNext, nextFeeler } from '../next-set';
import type { Advice, AdviceInput, AdviceRule } from '../types';

/** Feeler sets walk up to an unknown lift: the next one, and after the last what they found. */
export const feelers: AdviceRule = {
  id: 'feelers',
  advise: (input, last) => {
    if (last.kind !== 'feeler' || !input.next) return null;
    const notYet = leaveNow(input, last);
    if (notYet) return notYet;
    if (input.next.kind === 'feeler') {
      const set = nextFeeler(input);
      if (!set) return null;
      const values = { index: input.next.setIndex + 1, of: Math.max(input.feelers, FEELERS.sets), ...set };
      return { kind: 'go', reasons: [reason('advice-feeler', values, 'strength-model')], next: set, restSeconds: null };
    }
    const found = estimateNext(input);
    if (!found) return null;
    const sets = input.today.filter(({ kind }) => kind === 'feeler').length;
    const values = { sets, oneRepMaxKg: Math.round(found.oneRepMaxKg * 10) / 10 };
    return {
      kind: 'go',
      reasons: [reason('advice-feelers-done', values, 'strength-model'), ...found.reasons],
      next: found.set,
      restSeconds: null,
    };
  },
};

/** A feeler that could not be done with the lightest there is: no set more of it today. */
const leaveNow = ({ loads }: AdviceInput, last: AdviceInput['today'][number]): Advice | null => {
  if (!isFailedFeeler(last) || nextDown(loads, last.externalKg)) return null;
  const why = reason('advice-feeler-not-yet', { reps: last.reps ?? 0, loadKg: last.externalKg }, 'house-default');
  return { kind: 'stop', reasons: [why], next: null, restSeconds: null, because: 'short' };
};
