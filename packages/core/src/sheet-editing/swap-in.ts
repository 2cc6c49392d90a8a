import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { swapTo } from '../coaching';
import type { SheetInput } from '../composer';
import type { PastExercise } from '../progression';
import type { Role } from '../vocabulary';
import { chosenByHand } from './place';
import type { DraftItem, DraftSheet, EditedItem } from './types';

/**
 * A movement in another's place: its own dose where it was done before, else with the load carried over from what stands
 * there, as hard, for as many sets. A hold says nothing of loads, nor does anything of a hold.
 */
export const swappedIn = (
  input: SheetInput,
  content: Pick<DraftSheet, 'blocks' | 'items' | 'intent'>,
  item: Pick<EditedItem, 'slot' | 'values' | 'dose'> & { past: readonly PastExercise[] },
  variation: Variation,
  to: { variationId: string; role: Role },
): DraftItem => {
  const made = chosenByHand(input, content, to.variationId, to.role, { slot: item.slot });
  const isKnown = input.tracks.some((track) => track.variationId === to.variationId) || made.dose.seconds !== undefined;
  if (isKnown || item.dose.seconds !== undefined) return made;
  const from = { variation, values: item.values, dose: item.dose, loads: [], context: input.context, past: item.past };
  const other = getVariation(input.context.catalogue, to.variationId);
  const { dose, feelers } = swapTo(from, other, input.day, input.pastOf(to.variationId));
  return { ...made, feelers, dose: { ...made.dose, load: dose.load, repsAim: dose.repsAim, sets: item.dose.sets } };
};
