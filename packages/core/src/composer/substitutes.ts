import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { PAIN_BANDS } from '../limits';
import { accessTo, difficultyOf, firstOffersFor, standInsFor } from '../selection';
import type { StandIn, StandIns } from '../selection';
import { MAIN_FAMILIES } from '../vocabulary';
import { SLOT_LADDERS } from './choose-start';
import { isReached } from './standing-in';
import type { SheetInput } from './types';

/** Whether nothing hurt the last time a movement was done; one never done hurt nobody. */
const wasPainless = ({ pastOf }: SheetInput, variationId: string): boolean =>
  (pastOf(variationId).at(-1)?.sets ?? []).every(({ jointPain }) => (jointPain ?? 0) <= PAIN_BANDS.safeUpTo);

/** Whether a movement is of the same kind: on one of the ladders its pattern is trained by; of other families the same family. */
const isOfKind = (variation: Variation, other: Variation): boolean => {
  const slot = MAIN_FAMILIES.find((family) => family === variation.family);
  if (!slot) return other.family === variation.family;
  return rungsOf(other.id).some(({ ladder }) => SLOT_LADDERS[slot].ladders.includes(ladder.id));
};

/**
 * What can stand in for a movement here, in the order it is offered: of the same pattern the hardest the person has reached that
 * was painless last time, then what is nearest. Locked by a limit, the place or the kit: not offered.
 */
export const substitutesFor = (input: SheetInput, variation: Variation): StandIns => {
  const { context, dislikes = [] } = input;
  const found = standInsFor(context.catalogue, variation, context.room ?? new Set(), context.limits);
  const movementOf = ({ variationId }: StandIn): Variation => getVariation(context.catalogue, variationId);
  const open = found.ranked.filter((one) => accessTo(movementOf(one), context).state !== 'locked');
  const isWelcome = (other: Variation): boolean => !dislikes.includes(other.id) && wasPainless(input, other.id);
  const isRelative = (one: StandIn): boolean => {
    const other = movementOf(one);
    return isOfKind(variation, other) && isWelcome(other) && isReached(input, other);
  };
  // A one-leg movement is offered to who has reached it, its two-leg relative to anybody.
  const first = firstOffersFor(variation).flatMap((id) =>
    open.filter(({ variationId }) => {
      const other = getVariation(context.catalogue, id);
      return variationId === id && isWelcome(other) && (other.stance === 'two-leg' || isReached(input, other));
    }),
  );
  const relatives = open.filter((one) => !first.includes(one) && isRelative(one));
  // What stands beside a ladder comes after what is on the way up it.
  const hardness = (one: StandIn): number =>
    (difficultyOf(movementOf(one)) ?? 0) - (rungsOf(one.variationId).every(({ rung }) => rung.aside) ? 1 : 0);
  return {
    ...found,
    ranked: [
      ...first,
      ...relatives.sort((a, b) => hardness(b) - hardness(a) || b.score - a.score),
      ...open.filter((one) => !first.includes(one) && !relatives.includes(one)),
    ],
  };
};
