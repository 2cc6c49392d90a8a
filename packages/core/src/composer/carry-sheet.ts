import { getVariation } from '../catalogue';
import { accessTo } from '../selection';
import { MAIN_FAMILIES, reason } from '../vocabulary';
import type { MainFamily, Reason, Role } from '../vocabulary';
import { FAMILY_ORDER } from './arrange';
import { settingsWithin } from './choose-start';
import { addItem, freeSlot, moveTo, removeItem } from './edits';
import type { Content, ContentItem } from './content';
import { planItem } from './plan-item';
import { planWholeSheet } from './plan-sheet';
import type { LeftOff, PlannedItem, SheetInput } from './types';

/** An exercise of a sheet that waits. `isOwn`: the trainer put it there or changed it, so it stays while it is open. */
export interface WaitingItem extends ContentItem, Pick<PlannedItem, 'values'> {
  isOwn: boolean;
  chosenWhy: readonly Reason[];
}

/** A sheet planned again: what stands where, each exercise's new numbers, and what had to go. */
export interface Carried {
  content: Content;
  planned: ReadonlyMap<string, PlannedItem>;
  left: LeftOff[];
}

const isMain = (slot: string): slot is MainFamily => (MAIN_FAMILIES as readonly string[]).includes(slot);

/**
 * A waiting sheet after something changed that it rests on: the arrangement stays, the numbers follow. A big lift follows
 * its track, and gives way to an easier one while it is locked; what else is locked now leaves the sheet. A family that
 * opens again, or is brought back, returns to a sheet the trainer hasn't shaped.
 * @param isShaped whether the trainer arranged the sheet by hand: then nothing is added to it
 */
export const carrySheet = (
  input: SheetInput,
  content: Content<WaitingItem>,
  isShaped: boolean,
  newId: (slot: string) => string,
): Carried => {
  const mains = planWholeSheet(input);
  const planned = new Map<string, PlannedItem>();
  const left: LeftOff[] = mains.left.filter(({ slot }) => !isShaped || content.items.some((item) => item.slot === slot));
  let now: Content = content;
  for (const item of content.items) {
    const { id, slot, variationId } = item;
    const role: Role = content.blocks.find((block) => block.id === item.blockId)?.role ?? 'main';
    const main = mains.items.find((candidate) => candidate.slot === slot);
    const variation = getVariation(input.context.catalogue, variationId);
    const access = accessTo(variation, input.context);
    if (isMain(slot) && role === 'main' && !item.isOwn) {
      if (main) planned.set(id, main);
      else now = removeItem(now, id);
      continue;
    }
    if (access.state === 'locked') {
      now = removeItem(now, id);
      left.push({ slot, variationId, reasons: [reason('warn-locked', { variationId }, 'house-default'), ...access.reasons] });
      continue;
    }
    const values = { ...item.values, ...settingsWithin(variation, access).values };
    planned.set(id, planItem(input, { slot, role }, { variationId, values, reasons: item.chosenWhy }));
  }
  if (isShaped) return { content: now, planned, left };
  for (const main of mains.items) {
    if (content.items.some(({ slot }) => slot === main.slot) || !mayReturn(input, main.slot)) continue;
    const id = newId(freeSlot(now, main.slot));
    const { slot, variationId, dose, feelers } = main;
    now = inFamilyOrder(addItem(now, { id, blockId: '', slot, variationId, dose, feelers }, 'main'), id, slot);
    planned.set(id, main);
  }
  return { content: now, planned, left };
};

/** A big lift that came last, moved up before those of later families. */
const inFamilyOrder = (content: Content, id: string, slot: string): Content => {
  const order = FAMILY_ORDER.indexOf(slot);
  const after = content.items.find(({ slot: other }) => FAMILY_ORDER.indexOf(other) > order);
  return after ? moveTo(content, id, after.id) : content;
};

/** A family comes back that the person already trained; a new one is the composer's to propose. */
const mayReturn = ({ tracks }: SheetInput, slot: string): boolean => tracks.some((track) => track.slot === slot);
