import type { ContentItemDto, SheetContentDto, TemplateDto } from '@drubo/contracts';
import { allowedLoads, repsTop } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import { removeItem } from '@drubo/core/composing';
import type { SheetInput } from '@drubo/core/composing';
import { isSameMass } from '@drubo/core/kit';
import { checkValues } from '@drubo/core/knowledge';
import { accessTo } from '@drubo/core/selection';
import { reason } from '@drubo/core/vocabulary';
import type { LeverValues, Reason } from '@drubo/core/vocabulary';
import { chosenByHand, withArrangement } from './arrange';

/** An arrangement to be used again: a template, or another sheet. */
export type Source = Pick<TemplateDto, 'shape' | 'intent' | 'splitDay' | 'minutesBudget' | 'blocks'> & {
  items: readonly Pick<ContentItemDto, 'blockId' | 'slot' | 'variationId' | 'values' | 'dose'>[];
};

/** An arrangement fitted to somebody, and what of it is not open to them. */
export interface Adapted {
  content: SheetContentDto;
  left: { variationId: string; reasons: readonly Reason[] }[];
}

/**
 * An arrangement as this person's sheet: its exercises, sets, reps, tempo and rests; their own loads, settings within
 * their limits. What is locked for them is left out. The same person at the same place keeps the loads too.
 */
export const adaptTo = (
  input: SheetInput,
  before: SheetContentDto,
  source: Source,
  why: readonly Reason[],
  keepsLoads = false,
): Adapted => {
  const left: Adapted['left'] = [];
  const { shape, intent, splitDay, minutesBudget, blocks } = source;
  const base: SheetContentDto = { ...before, shape, intent, splitDay, minutesBudget, blocks: [...blocks], items: [] };
  const items = source.items.flatMap((item): ContentItemDto[] => {
    const variation = findVariation(input.context.catalogue, item.variationId);
    const access = variation && accessTo(variation, input.context);
    if (!variation || !access || access.state === 'locked') {
      left.push({
        variationId: item.variationId,
        reasons: access?.reasons ?? [reason('warn-locked', { variationId: item.variationId }, 'house-default')],
      });
      return [];
    }
    const role = blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
    const off = new Set(checkValues(variation, item.values).map(({ lever }) => lever));
    const values = Object.fromEntries(Object.entries(item.values).filter(([lever]) => !off.has(lever as never))) as LeverValues;
    const made = chosenByHand(input, base, item.variationId, role, { values, why, slot: item.slot });
    const { sets, repsLow, repsHigh, seconds, tempo, restSeconds, reserve, load } = item.dose;
    const loads = allowedLoads(input.context.kit, input.context.limits, variation, made.values);
    const same = keepsLoads ? loads.find(({ externalKg }) => isSameMass(externalKg, load.externalKg)) : undefined;
    const dose = {
      ...made.dose,
      sets,
      repsLow,
      repsHigh: Math.max(repsLow, repsHigh),
      repsBeyond: 0,
      repsAim: undefined,
      seconds,
      tempo,
      restSeconds,
      // Never less in reserve than this person is kept to.
      reserve: Math.max(reserve, made.dose.reserve),
      load: same ?? made.dose.load,
    };
    const known = before.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
    return [{ ...made, id: known?.id ?? made.id, blockId: item.blockId, dose: repsTop(dose) < 1 ? made.dose : dose }];
  });
  // Taking nothing off puts the blocks right: what went in turn with something locked stands by itself.
  return { content: withArrangement(base, removeItem({ blocks: base.blocks, items }, '')), left };
};
