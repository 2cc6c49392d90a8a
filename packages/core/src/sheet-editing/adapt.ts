import { findVariation } from '../catalogue';
import { checkValues } from '../catalogue/knowledge';
import { removeItem } from '../composer';
import type { Block, SheetInput } from '../composer';
import { allowedLoads, repsTop } from '../dose';
import { isSameMass } from '../kit';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { LeverValues, Reason } from '../vocabulary';
import { chosenByHand, keepingId, withArrangement } from './place';
import type { DraftItem, DraftSheet, EditedItem, SheetFrame } from './types';

/** An arrangement to be used again: a template, or another sheet. */
export interface Source extends Omit<SheetFrame, 'kitId'> {
  blocks: readonly Block[];
  items: readonly Pick<EditedItem, 'blockId' | 'slot' | 'variationId' | 'values' | 'dose'>[];
}

/** An arrangement fitted to somebody, and what of it is not open to them. */
export interface Adapted {
  content: DraftSheet;
  left: { variationId: string; reasons: readonly Reason[] }[];
}

/**
 * An arrangement as this person's sheet: its exercises, sets, reps, tempo and rests; their own loads, settings within
 * their limits. What is locked for them is left out. The same person at the same place keeps the loads too.
 */
export const adaptTo = (
  input: SheetInput,
  before: DraftSheet,
  source: Source,
  why: readonly Reason[],
  keepsLoads = false,
): Adapted => {
  const left: Adapted['left'] = [];
  const { shape, intent, splitDay, minutesBudget, blocks } = source;
  const base: DraftSheet = { ...before, shape, intent, splitDay, minutesBudget, blocks: [...blocks], items: [] };
  const items = source.items.flatMap((item): DraftItem[] => {
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
    return [{ ...keepingId(before, made), blockId: item.blockId, dose: repsTop(dose) < 1 ? made.dose : dose }];
  });
  // Taking nothing off puts the blocks right: what went in turn with something locked stands by itself.
  return { content: withArrangement(base, removeItem({ blocks: base.blocks, items }, '')), left };
};
