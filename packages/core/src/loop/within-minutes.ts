import { getVariation } from '../catalogue';
import { removeItem, timedBlocks } from '../composer';
import type { SheetInput } from '../composer';
import { allowedLoads, sessionMinutes } from '../dose';
import { isDrillRole, reason } from '../vocabulary';
import type { SheetItem, SheetPlan } from './types';

/** Fewest sets an exercise is trimmed to before it leaves. House default. */
const LEAST_SETS = 2;

/** Whole minutes a sheet takes this person here. */
export const minutesOf = (
  { context, pace = 1 }: Pick<SheetInput, 'context' | 'pace'>,
  sheet: Pick<SheetPlan, 'blocks' | 'items'>,
): number =>
  sessionMinutes(
    timedBlocks(
      sheet,
      ({ variationId }) => getVariation(context.catalogue, variationId),
      (item) => allowedLoads(context.kit, context.limits, getVariation(context.catalogue, item.variationId), item.values),
    ),
    pace,
  );

/** From the bottom up, work only: drills are short, and the first lift stays. */
const fromBelow = ({ items, blocks }: SheetPlan): SheetItem[] =>
  items
    .filter(({ blockId }) => !isDrillRole(blocks.find(({ id }) => id === blockId)?.role))
    .slice(1)
    .toReversed();

const trimmed = (sheet: SheetPlan, item: SheetItem, minutes: number): SheetPlan => {
  const sets = item.dose.sets - 1;
  const told = reason('sets-for-minutes', { sets, usualSets: item.trackDose.sets, minutes }, 'house-default');
  const next = {
    ...item,
    dose: { ...item.dose, sets },
    proposed: { ...item.proposed, sets },
    why: { ...item.why, sets: [...item.why.sets, told] },
  };
  return { ...sheet, items: sheet.items.map((one) => (one.id === item.id ? next : one)) };
};

const without = (sheet: SheetPlan, item: SheetItem, minutes: number, budget: number): SheetPlan => {
  const content = removeItem(sheet, item.id);
  const why = reason('left-for-minutes', { variationId: item.variationId, minutes, budget }, 'house-default');
  return {
    ...sheet,
    blocks: content.blocks,
    items: content.items,
    leftOff: [...sheet.leftOff, { slot: item.slot, variationId: item.variationId, reasons: [why] }],
  };
};

/**
 * A sheet whose numbers moved, brought back to the minutes it had room for: sets go from below, then exercises. A sheet that
 * was longer before, because the trainer made it so, may stay as long as it was.
 */
export const withinMinutes = (input: SheetInput, sheet: SheetPlan, before: SheetPlan): SheetPlan => {
  const budget = sheet.minutesBudget ?? input.minutes ?? Infinity;
  const most = Math.max(budget, minutesOf(input, before));
  let next = sheet;
  while (minutesOf(input, next) > most) {
    const below = fromBelow(next);
    const long = below.find(({ dose }) => dose.sets > LEAST_SETS);
    const last = below[0];
    if (!long && !last) return next;
    next = long
      ? trimmed(next, long, Math.round(most))
      : last
        ? without(next, last, minutesOf(input, next), Math.round(most))
        : next;
  }
  return next;
};
