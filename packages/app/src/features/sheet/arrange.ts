import type { ContentItemDto, SheetContentDto, SheetItemDto } from '@drubo/contracts';
import { getVariation } from '@drubo/core/catalogue';
import { freeSlot, planItem } from '@drubo/core/composing';
import type { Composition, Content, PlannedItem, SheetInput } from '@drubo/core/composing';
import { accessTo } from '@drubo/core/selection';
import { MAIN_FAMILIES, reason } from '@drubo/core/vocabulary';
import type { EmphasisId, LeverValues, Reason, Role } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import { rememberFresh } from '../../data/offline/fresh-items';

/** A sheet with another arrangement. */
export const withArrangement = (content: SheetContentDto, next: Content<ContentItemDto>): SheetContentDto => ({
  ...content,
  blocks: [...next.blocks],
  items: [...next.items],
});

/** A planned exercise as it is put on a sheet; what it was proposed as is kept beside it. */
const asContentItem = (planned: PlannedItem, id: string, blockId = '', past?: SheetItemDto['past']): ContentItemDto => {
  const { slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy } = planned;
  rememberFresh(id, { variationId, proposed: dose, why: planned.why, ...(past ? { past } : {}) });
  return { id, blockId, slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy };
};

/** Where a movement put on a sheet by hand goes on next time: by family, else by the muscle it trains most. */
const slotFor = (input: SheetInput, variationId: string, role: Role): string => {
  const { family, emphasis } = getVariation(input.context.catalogue, variationId);
  if (role === 'prep') return `prep-${variationId}`;
  if (role === 'finisher') return 'finisher';
  if (role === 'main' && (MAIN_FAMILIES as readonly string[]).includes(family)) return family;
  const [best] = (Object.entries(emphasis) as [EmphasisId, number][]).sort((a, b) => b[1] - a[1]);
  return best?.[0] ?? family;
};

/** A movement chosen by hand, dosed for this person in its role. */
export const chosenByHand = (
  input: SheetInput,
  content: SheetContentDto,
  variationId: string,
  role: Role,
  more: { values?: LeverValues; why?: readonly Reason[]; slot?: string; intent?: SheetContentDto['intent'] } = {},
): ContentItemDto => {
  const access = accessTo(getVariation(input.context.catalogue, variationId), input.context);
  const reasons = [...(more.why ?? [reason('chosen-by-hand', { variationId }, 'trainer')]), ...access.reasons];
  const slot = more.slot ?? freeSlot(content, slotFor(input, variationId, role));
  const planned = planItem(input, { slot, role, intent: content.intent }, { variationId, values: more.values ?? {}, reasons });
  return asContentItem(planned, newId(), '', input.pastOf(variationId));
};

/** A composed session as content: exercises that stay keep their ids, so that what was logged of them stays theirs. */
export const contentOfComposition = (
  before: SheetContentDto,
  made: Composition,
  ask: Pick<SheetContentDto, 'intent' | 'splitDay' | 'minutesBudget' | 'kitId'>,
): SheetContentDto => ({
  ...ask,
  shape: made.shape,
  blocks: made.blocks,
  items: made.items.map((item) => {
    const known = before.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
    return asContentItem(item, known?.id ?? newId(), item.blockId);
  }),
});
