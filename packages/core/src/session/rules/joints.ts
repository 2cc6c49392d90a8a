import { cutBy, painBand } from '../../limits';
import { cutLoad, easeOneStep, fewerForPain, wasCutForPain } from '../../progression';
import { reason } from '../../vocabulary';
import { loadsJoint } from '../areas';
import type { FloorChange, Proposal } from '../types';
import { NOTHING } from '../rule';
import type { Checked, CheckRule } from '../rule';

/**
 * Where the load was cut for this pain in an earlier session and it hurts as it did, the load is not what does it: fewer sets today, and the
 * review takes a setting; with one set left it is left for the day. Null: it was not cut.
 */
const insteadOfLoad = ({ itemId, dose, log }: Checked, pain: number): Extract<FloorChange, { kind: 'sets' | 'leave' }> | null => {
  if (!wasCutForPain(log, pain)) return null;
  const sets = fewerForPain(dose.sets);
  return sets >= 1 ? { kind: 'sets', itemId, sets, because: 'check-in' } : { kind: 'leave', itemId, because: 'check-in' };
};

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
      const again = insteadOfLoad(item, worst.pain);
      if (again) {
        const setsTo = again.kind === 'sets' ? again.sets : 0;
        const why = reason('check-joint-again', { ...values, setsFrom: dose.sets, setsTo }, 'house-default');
        return [{ id: `${again.kind}-${itemId}`, change: again, reason: why }];
      }
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
