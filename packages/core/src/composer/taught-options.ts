import { findVariation, getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { LeverValues, Reason } from '../vocabulary';
import { ladderOf } from './choose-start';
import { inShape } from './in-shape';
import { isInShape, simpleStart, withSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { planItem } from './plan-item';
import type { FixedDrill } from './shapes';
import { isReached } from './standing-in';
import type { LeftOff, SheetInput } from './types';

/** Settings as they are taught, under what a person's limits ask for. */
const within = (taught: LeverValues | undefined, start: ReturnType<typeof simpleStart>): ReturnType<typeof simpleStart> => ({
  ...start,
  values: { ...taught, ...start.values },
});

const isOpen = (input: SheetInput, ask: Ask, variation: Variation): boolean =>
  accessTo(variation, input.context).state !== 'locked' && !input.dislikes?.includes(variation.id) && isInShape(variation, ask);

const work = (input: SheetInput, ask: Ask, variation: Variation, { slot, values }: FixedDrill, told: Reason, worth: number) => {
  const start = within(values, simpleStart(input, variation, accessTo(variation, input.context), [told]));
  const planned = planItem(input, { slot, role: 'main', intent: ask.intent }, start);
  return withSets(input, ask, { role: 'main', item: inShape(input, planned, variation, ask.shape), variation, worth });
};

/** A group for each movement a shape is made of, whoever it is for; none for what is closed to the person. */
export const fixedGroups = (input: SheetInput, ask: Ask, fixed: readonly FixedDrill[]): Option[][] =>
  fixed.flatMap((drill) => {
    const variation = getVariation(input.context.catalogue, drill.variationId);
    if (!isOpen(input, ask, variation)) return [];
    const told = reason('taught-together', { variationId: variation.id }, 'common-practice');
    return [work(input, ask, variation, drill, told, WORTH.main)];
  });

/** Those of them that are closed, each with why. */
export const fixedLeft = (input: SheetInput, fixed: readonly FixedDrill[]): LeftOff[] =>
  fixed.flatMap(({ variationId, slot }): LeftOff[] => {
    const access = accessTo(getVariation(input.context.catalogue, variationId), input.context);
    return access.state === 'locked' ? [{ slot, variationId, reasons: [...access.reasons] }] : [];
  });

/** Of each skill the furthest step that is earned and open: what a session of practice is about. */
export const skillGroups = (input: SheetInput, ask: Ask, ladderIds: readonly string[]): Option[][] =>
  ladderIds.flatMap((id) => {
    const steps = ladderOf(id)
      .rungs.flatMap(({ variationId, stage }) => {
        const variation = findVariation(input.context.catalogue, variationId);
        return variation && variation.family !== 'finisher' ? [{ variation, stage }] : [];
      })
      .filter(({ variation }) => isOpen(input, ask, variation) && isReached(input, variation));
    const [furthest] = steps.toSorted((a, b) => b.stage - a.stage);
    if (!furthest) return [];
    const { variation } = furthest;
    const told = reason('skill-to-practise', { variationId: variation.id }, 'common-practice');
    return [work(input, ask, variation, { variationId: variation.id, slot: id }, told, WORTH.skill)];
  });
