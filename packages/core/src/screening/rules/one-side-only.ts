import { reason } from '../../vocabulary';
import type { FaultId, ScreeningTaskId } from '../../vocabulary';
import { shows } from '../seen';
import type { Finding, ScreeningRule } from '../types';

const PAIRS: readonly (readonly [ScreeningTaskId, ScreeningTaskId])[] = [
  ['split-left', 'split-right'],
  ['one-leg-left', 'one-leg-right'],
];

/** A fault on one side only, the other side judged as well: sets start with that side. */
export const oneSideOnly: ScreeningRule = {
  id: 'one-side-only',
  basis: 'common-practice',
  evaluate(seen): Finding[] {
    const found = PAIRS.flatMap(([left, right]) => {
      const [a, b] = [seen.tasks[left], seen.tasks[right]];
      if (a?.state !== 'judged' || b?.state !== 'judged') return [];
      return [...new Set<FaultId>([...a.faults, ...b.faults])].flatMap((fault) => {
        const isLeft = shows(seen, left, fault);
        return isLeft === shows(seen, right, fault) ? [] : [{ fault, side: isLeft ? ('left' as const) : ('right' as const) }];
      });
    });
    return found.map(({ fault, side }) => ({
      rule: this.id,
      reason: reason('seen-one-side', { fault, side }, this.basis),
      effects: [{ kind: 'side', side }],
    }));
  },
};
