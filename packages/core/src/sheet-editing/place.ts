import { getVariation } from '../catalogue';
import { addItem, coolDownFor, freeSlot, planItem } from '../composer';
import type { Composition, Content, PlannedItem, SheetInput } from '../composer';
import type { PastExercise } from '../progression';
import { accessTo } from '../selection';
import { isDrillRole, MAIN_FAMILIES, reason } from '../vocabulary';
import type { EmphasisId, Intent, LeverValues, Reason, Role } from '../vocabulary';
import { draftId } from './settle';
import type { DraftItem, DraftSheet, SheetFrame } from './types';

/** A sheet with another arrangement. */
export const withArrangement = <S extends DraftSheet>(sheet: S, next: Content<S['items'][number]>): S => ({
  ...sheet,
  blocks: [...next.blocks],
  items: [...next.items],
});

const asDraft = (planned: PlannedItem, blockId: string, past?: readonly PastExercise[]): DraftItem => {
  const { slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy, why } = planned;
  const made = { variationId, proposed: dose, why, ...(past ? { past } : {}) };
  return { id: draftId(slot), blockId, slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy, made };
};

/** Where a movement put on a sheet by hand goes on next time: by family, else by the muscle it trains most. */
const slotFor = (input: SheetInput, variationId: string, role: Role): string => {
  const { family, emphasis } = getVariation(input.context.catalogue, variationId);
  if (isDrillRole(role)) return `${role}-${variationId}`;
  if (role === 'finisher') return 'finisher';
  if (role === 'main' && (MAIN_FAMILIES as readonly string[]).includes(family)) return family;
  const [best] = (Object.entries(emphasis) as [EmphasisId, number][]).sort((a, b) => b[1] - a[1]);
  return best?.[0] ?? family;
};

/**
 * A movement chosen by hand, dosed for this person in its role. It says who chose it; what speaks against it stands
 * beside that. Throws where the catalogue has no such movement.
 *
 * @param more.slot the place whose track it goes on in; left out: by family or muscle
 */
export const chosenByHand = (
  input: SheetInput,
  content: Pick<DraftSheet, 'blocks' | 'items' | 'intent'>,
  variationId: string,
  role: Role,
  more: { values?: LeverValues; why?: readonly Reason[]; slot?: string; intent?: Intent } = {},
): DraftItem => {
  const access = accessTo(getVariation(input.context.catalogue, variationId), input.context);
  const reasons = [...(more.why ?? [reason('chosen-by-hand', { variationId }, 'trainer')]), ...access.reasons];
  const slot = more.slot ?? freeSlot(content, slotFor(input, variationId, role));
  const planned = planItem(input, { slot, role, intent: content.intent }, { variationId, values: more.values ?? {}, reasons });
  return asDraft(planned, '', input.pastOf(variationId));
};

/** A sheet with a short cool-down for what it trains at its end; null where there is none to add. */
export const withCoolDown = <S extends DraftSheet>(input: SheetInput, sheet: S): S | null => {
  const drills = coolDownFor(input, sheet);
  if (drills.length === 0) return null;
  return withArrangement(
    sheet,
    drills.reduce<Content<S['items'][number]>>((content, drill) => addItem(content, asDraft(drill, ''), 'cool-down'), sheet),
  );
};

/** A composed session as a sheet: exercises that stay keep their ids, so that what was logged of them stays theirs. */
export const sheetOfComposition = (
  before: Pick<DraftSheet, 'items'>,
  made: Composition,
  ask: Omit<SheetFrame, 'shape'>,
): DraftSheet => ({
  ...ask,
  shape: made.shape,
  blocks: made.blocks,
  items: made.items.map((item) => keepingId(before, asDraft(item, item.blockId))),
});

/** The id an exercise has already, where the sheet holds the same movement in the same slot. */
export const keepingId = (before: Pick<DraftSheet, 'items'>, item: DraftItem): DraftItem => {
  const known = before.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
  return known ? { ...item, id: known.id } : item;
};
