import { cutBy, painBand } from '../../limits';
import { cutLoad, easeOneStep } from '../../progression';
import { reason } from '../../vocabulary';
import { loadsJoint } from '../areas';
import type { Proposal } from '../types';
import { NOTHING } from '../rule';
import type { CheckRule } from '../rule';

/** Joint pain before the first set, by the bands of the pain-monitoring model: 3 to 5 cut once, above 5 left. */
export const joints: CheckRule = {
  id: 'joints',
  check: ({ joints: felt }, items) => {
    if (felt === null) return NOTHING;
    const proposals = items.flatMap((item): Proposal[] => {
      const { itemId, variation, dose, log } = item;
      const worst = felt.filter(({ area }) => loadsJoint(variation, area)).sort((a, b) => b.pain - a.pain)[0];
      const band = painBand(worst?.pain ?? null);
      if (!worst || (band !== 'ease' && band !== 'stop')) return [];
      const values = { variationId: variation.id, area: worst.area, pain: worst.pain };
      if (band === 'stop') {
        const why = reason('check-joint-leave', values, 'pain-monitoring-thomee');
        return [{ id: `leave-${itemId}`, change: { kind: 'leave', itemId, because: 'check-in' }, reason: why }];
      }
      const cleared = log.context.pain.clearedUpTo;
      if (cleared !== null && worst.pain <= cleared) return [];
      const lighter = cutBy(variation, log.context.limits) === null ? cutLoad(log.loads, dose.load) : null;
      const eased = lighter
        ? { dose: { ...dose, load: lighter, repsAim: undefined }, values: log.values }
        : easeOneStep(log, dose.load);
      return [
        {
          id: `ease-${itemId}`,
          change: { kind: 'dose', itemId, dose: eased.dose, values: eased.values ?? log.values, because: 'check-in' },
          reason: reason('check-joint-ease', values, 'pain-monitoring-thomee'),
        },
      ];
    });
    return { stops: [], proposals };
  },
};
