import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { PAIN_BANDS } from '../limits';
import { accessTo, difficultyOf, standInsFor } from '../selection';
import type { StandIn, StandIns } from '../selection';
import { isReached } from './standing-in';
import type { SheetInput } from './types';

/** Whether nothing hurt the last time a movement was done; one never done hurt nobody. */
const wasPainless = ({ pastOf }: SheetInput, variationId: string): boolean =>
  (pastOf(variationId).at(-1)?.sets ?? []).every(({ jointPain }) => (jointPain ?? 0) <= PAIN_BANDS.safeUpTo);

/**
 * What can stand in for a movement here, in the order it is offered: of the same pattern the hardest the person has reached that
 * was painless last time, then what is nearest. Locked by a limit, the place or the kit: not offered.
 */
export const substitutesFor = (input: SheetInput, variation: Variation): StandIns => {
  const { context, dislikes = [] } = input;
  const found = standInsFor(context.catalogue, variation, context.room ?? new Set(), context.limits);
  const movementOf = ({ variationId }: StandIn): Variation => getVariation(context.catalogue, variationId);
  const open = found.ranked.filter((one) => accessTo(movementOf(one), context).state !== 'locked');
  const isRelative = (one: StandIn): boolean => {
    const other = movementOf(one);
    return (
      other.family === variation.family && !dislikes.includes(other.id) && wasPainless(input, other.id) && isReached(input, other)
    );
  };
  const relatives = open.filter(isRelative);
  const hardness = (one: StandIn): number => difficultyOf(movementOf(one)) ?? 0;
  return {
    ...found,
    ranked: [
      ...relatives.sort((a, b) => hardness(b) - hardness(a) || b.score - a.score),
      ...open.filter((one) => !relatives.includes(one)),
    ],
  };
};
