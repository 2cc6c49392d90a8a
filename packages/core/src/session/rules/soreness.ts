import { partSeconds, reason } from '../../vocabulary';
import type { SoreMuscle } from '../../vocabulary';
import { worksMuscle } from '../areas';
import type { Proposal } from '../types';
import { NOTHING } from '../rule';
import type { Checked, CheckRule } from '../rule';

/** Muscle soreness 0–10 from which sets are cut, and from which a movement is left. Common practice, no source. */
export const SORE = { holdFrom: 4, leaveFrom: 7, cutShare: 1 / 3, loweringMostSeconds: 2 } as const;

const forOne = (item: Checked, muscle: SoreMuscle, level: number): Proposal[] => {
  const { itemId, variation, dose, log } = item;
  const variationId = variation.id;
  if (level >= SORE.leaveFrom) {
    const why = reason('check-sore-leave', { variationId, muscle, level }, 'common-practice');
    return [{ id: `leave-${itemId}`, change: { kind: 'leave', itemId, because: 'check-in' }, reason: why }];
  }
  const setsTo = Math.max(1, dose.sets - Math.ceil(dose.sets * SORE.cutShare - 1e-9));
  const cut: Proposal[] =
    setsTo < dose.sets
      ? [
          {
            id: `sets-${itemId}`,
            change: { kind: 'sets', itemId, sets: setsTo, because: 'check-in' },
            reason: reason('check-sore', { variationId, muscle, level, setsFrom: dose.sets, setsTo }, 'common-practice'),
          },
        ]
      : [];
  const loweringFrom = partSeconds(dose.tempo.lowering);
  if (loweringFrom <= SORE.loweringMostSeconds) return cut;
  const tempo = { ...dose.tempo, lowering: SORE.loweringMostSeconds };
  const values = { variationId, muscle, level, loweringFrom, loweringTo: SORE.loweringMostSeconds };
  return [
    ...cut,
    {
      id: `tempo-${itemId}`,
      change: { kind: 'dose', itemId, dose: { ...dose, tempo }, values: log.values, because: 'check-in' },
      reason: reason('check-sore-tempo', values, 'common-practice'),
    },
  ];
};

/** 4 to 6: a third fewer sets for what works the muscle, no slow lowering, no moving up. 7 and more: another pattern. */
export const soreness: CheckRule = {
  id: 'soreness',
  check: ({ soreness: sore }, items) => {
    if (sore === null) return NOTHING;
    const proposals = items.flatMap((item) => {
      const worst = sore
        .filter(({ muscle, level }) => level >= SORE.holdFrom && worksMuscle(item.variation, muscle))
        .sort((a, b) => b.level - a.level)[0];
      return worst ? forOne(item, worst.muscle, worst.level) : [];
    });
    return { stops: [], proposals };
  },
};
