import { nextDown } from '../../kit';
import { reason } from '../../vocabulary';
import { carriedOn } from '../next-set';
import { measureFor } from '../measures';
import type { AdviceRule } from '../types';

/** A dangerous fault ends the set and changes load or range now, not next time. */
export const dangerous: AdviceRule = {
  id: 'dangerous',
  advise: (input, last) => {
    const fault = last.faults.find(({ severity }) => severity === 'dangerous');
    if (!fault) return null;
    const why = reason('advice-dangerous', { faultId: fault.id }, 'common-practice');
    const on = carriedOn(input);
    const lighter = on && nextDown(input.loads, on.loadKg);
    if (on && lighter) {
      const said = reason('advice-lighter', { fromKg: on.loadKg, toKg: lighter.externalKg }, 'common-practice');
      return { kind: 'change', reasons: [why, said], next: { ...on, loadKg: lighter.externalKg }, restSeconds: null };
    }
    const measure = measureFor(input, fault.id);
    return { kind: 'change', reasons: measure ? [why, measure] : [why], next: on, restSeconds: null };
  },
};
