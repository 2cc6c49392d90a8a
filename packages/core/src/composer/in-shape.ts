import type { Variation } from '../catalogue';
import { allowedLoads } from '../dose';
import { snapDown } from '../kit';
import { isPerSide, reason } from '../vocabulary';
import type { SessionShape } from '../vocabulary';
import { SHAPES, slowTempo } from './shapes';
import type { PlannedItem, SheetInput } from './types';

/** An exercise dosed as its session's shape asks: rounds short and dense, tempo circuits slow, skills few and crisp. */
export const inShape = (input: SheetInput, item: PlannedItem, variation: Variation, shape: SessionShape): PlannedItem => {
  const { dose: given, rounds } = SHAPES[shape];
  if (!given) return item;
  const reps = (isPerSide(variation.stance) ? given.repsASide : undefined) ?? given.reps;
  const isTimed = item.dose.seconds !== undefined;
  const isCapped = input.stage.sessionsDone === 0;
  const sets = given.sets ?? (rounds ? Math.max(...rounds.counts) : item.dose.sets);
  const reserve = Math.max(item.dose.reserve, given.reserve ?? 0);
  const usualKg = item.dose.load.externalKg;
  const loads = allowedLoads(input.context.kit, input.context.limits, variation, item.values);
  const lighter = given.loadShare === undefined || usualKg === 0 ? null : snapDown(loads, given.loadShare * usualKg);
  const load = lighter ?? item.dose.load;
  const restSeconds = given.restSeconds ?? item.dose.restSeconds;
  const told = reason('dose-by-shape', { shape, sets, restSeconds }, 'common-practice');
  const loadTold = reason('shape-load', { shape, loadKg: load.externalKg, usualKg }, 'house-default');
  return {
    ...item,
    // A circuit has no room for feeler sets: its lighter load stands for them.
    feelers: rounds ? 0 : item.feelers,
    dose: {
      ...item.dose,
      sets: isCapped && !rounds ? Math.min(sets, item.dose.sets) : sets,
      restSeconds,
      reserve,
      load,
      ...(reps && !isTimed ? { repsLow: reps.low, repsHigh: reps.high, repsBeyond: 0, repsAim: undefined } : {}),
      ...(given.tempo === 'slow' && !isTimed ? { tempo: slowTempo(variation.startsAt) } : {}),
    },
    why: {
      sets: [...item.why.sets, told],
      reps: reps && !isTimed ? [told] : item.why.reps,
      load: load === item.dose.load ? item.why.load : [...item.why.load, loadTold],
      tempo: given.tempo === 'slow' ? [told] : item.why.tempo,
      rest: [...item.why.rest, told],
      reserve: item.why.reserve,
    },
  };
};
