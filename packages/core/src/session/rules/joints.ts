import { cutBy, painBand } from '../../limits';
import { cutLoad, easeOneStep } from '../../progression';
import { reason } from '../../vocabulary';
import { loadsJoint } from '../areas';
import type { Proposal } from '../types';
import { NOTHING } from '../rule';
import type { Checked, CheckRule } from '../rule';

/** Sets are taken down by this share where the load was cut before. House default. */
const SETS_OFF = 1 / 3;

/**
 * Where the load was cut for this pain in an earlier session and it hurts as it did, the load is not what does it: fewer sets today, and the
 * review takes a setting, or leaves it out. Null: it was not, or nothing is left of the sets.
 */
const fewerSets = ({ itemId, dose, log }: Checked, pain: number) => {
  const { eased } = log.memory ?? {};
  const { lastTime } = log.context.pain;
  const wasCut = eased?.because === 'pain' && eased.steps.includes('load');
  if (!wasCut || (lastTime !== null && pain > lastTime)) return null;
  const sets = dose.sets - Math.ceil(dose.sets * SETS_OFF);
  return sets >= 1 ? { kind: 'sets' as const, itemId, sets, because: 'check-in' as const } : null;
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
      const again = fewerSets(item, worst.pain);
      if (again) {
        const { sets } = again;
        const why = reason('check-joint-again', { ...values, setsFrom: dose.sets, setsTo: sets }, 'house-default');
        return [{ id: `sets-${itemId}`, change: again, reason: why }];
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
