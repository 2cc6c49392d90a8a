import { getVariation } from '../catalogue';
import { evenRounds, moveTo, removeItem, replaceItem, substitutesFor, unpair } from '../composer';
import type { Fix, SheetInput } from '../composer';
import { allowedLoads, lighterDose } from '../dose';
import { isSameMass } from '../kit';
import { chosenByHand, withArrangement } from './place';
import type { DraftItem, DraftSheet } from './types';

const NO_WHY = { sets: [], reps: [], load: [], tempo: [], rest: [], reserve: [] };

/** A sheet with a fix applied; null for what a dialog has to do, or what nothing can be done about. */
export const applyFix = (content: DraftSheet, fix: Fix, input: SheetInput): DraftSheet | null => {
  if (fix.kind === 're-fit') return null;
  const item = content.items.find(({ id }) => id === fix.itemId);
  if (!item) return null;
  const withItem = (change: Partial<DraftItem>) =>
    withArrangement(content, replaceItem(content, item.id, { ...item, ...change }));
  const variation = getVariation(input.context.catalogue, item.variationId);
  const loads = allowedLoads(input.context.kit, input.context.limits, variation, item.values);
  switch (fix.kind) {
    case 'unpair':
      return withArrangement(content, unpair(content, item.id));
    case 'even':
      return withArrangement(content, evenRounds(content, item.id));
    case 'move-before':
      return withArrangement(content, moveTo(content, item.id, fix.ontoId));
    case 'remove':
      return withArrangement(content, removeItem(content, item.id));
    case 'settings':
      return withItem({ values: fix.values });
    case 'load': {
      const load = loads.find(({ externalKg }) => isSameMass(externalKg, fix.loadKg));
      return load ? withItem({ dose: { ...item.dose, load, repsAim: undefined } }) : null;
    }
    case 'lighter':
      return withItem({ dose: lighterDose(item.dose, NO_WHY, loads).dose });
    case 'fewer-sets':
      return withItem({ dose: { ...item.dose, sets: Math.max(1, item.dose.sets - 1) } });
    case 'swap': {
      const [best] = substitutesFor(input, variation).ranked.filter(
        ({ variationId }) => !content.items.some((other) => other.variationId === variationId),
      );
      const role = content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
      return best
        ? withItem({
            ...chosenByHand(input, content, best.variationId, role, { slot: item.slot }),
            id: item.id,
            blockId: item.blockId,
          })
        : null;
    }
  }
};
