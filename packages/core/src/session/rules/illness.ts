import { reason } from '../../vocabulary';
import { NOTHING } from '../rule';
import type { CheckRule } from '../rule';

/** Reserve after an illness, about effort 6 of 10. Common practice, no source. */
const RESERVE_AFTER_ILLNESS = 4;

/** A fever or chest illness: nothing until it has been gone a day or two; then half the sets, and easy. */
export const illness: CheckRule = {
  id: 'illness',
  check: ({ illness: ill }, items) => {
    if (ill === 'fever-or-chest') return { stops: [reason('check-ill', {}, 'common-practice')], proposals: [] };
    if (ill !== 'just-over') return NOTHING;
    return {
      stops: [],
      proposals: items.map(({ itemId, variation, dose, log }) => {
        const setsTo = Math.max(1, Math.ceil(dose.sets / 2));
        const reserve = Math.max(dose.reserve, RESERVE_AFTER_ILLNESS);
        const values = { variationId: variation.id, setsFrom: dose.sets, setsTo, reserve };
        const eased = { ...dose, sets: setsTo, reserve };
        return {
          id: `ill-${itemId}`,
          change: { kind: 'dose' as const, itemId, dose: eased, values: log.values, because: 'check-in' as const },
          reason: reason('check-ill-over', values, 'common-practice'),
        };
      }),
    };
  },
};
