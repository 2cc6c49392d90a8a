import type { Variation } from '../catalogue';
import { reason } from '../vocabulary';
import type { Reason, TraitId } from '../vocabulary';

/** What makes a bar on the back or the front safe where a person trains. */
export interface PlaceSafety {
  isHome: boolean;
  /** Nobody else there while they train. */
  isAlone: boolean;
  /** Safety bars, straps or pins that catch the bar. */
  hasSafeties: boolean;
  hasSpotter: boolean;
  /** Has practised getting out from under a missed rep. */
  hasPractisedBailOut: boolean;
  hasCollars: boolean;
  /** Discs of about 45 cm; smaller ones start a bar on the floor lower. */
  hasFullDiscs: boolean;
}

const FREE_BAR: readonly TraitId[] = ['back-bar', 'front-rack'];

/** Alone or at home at least so many reps stay in reserve. Usual practice, from memory. */
export const RESERVE_ALONE = 3;

export const isOnTheirOwn = (place: PlaceSafety): boolean => place.isAlone || place.isHome;

const isUnderABar = ({ traits, loadPositions }: Variation): boolean =>
  FREE_BAR.some((trait) => traits.includes(trait)) &&
  // The place in use stands first; two bells at the shoulders are no bar.
  (loadPositions[0] === 'back-bar' || loadPositions[0] === 'front-bar');

/** Whether a bar over the body is safe here: locked alone or at home without safeties; else with a spotter or a way out. */
export const barSafety = (variation: Variation, place: PlaceSafety): { locks: Reason | null; restricts: Reason | null } => {
  if (!isUnderABar(variation) || place.hasSafeties) return { locks: null, restricts: null };
  if (isOnTheirOwn(place)) {
    return { locks: reason('bar-without-safeties', { alone: place.isAlone }, 'common-practice'), restricts: null };
  }
  const isWatched = place.hasSpotter || place.hasPractisedBailOut;
  return {
    locks: null,
    restricts: isWatched ? null : reason('bar-wants-spotter', { variationId: variation.id }, 'common-practice'),
  };
};

/** What the bar itself asks for: collars always, and full-size discs or blocks where it is pulled from the floor. */
export const barCautions = (variation: Variation, place: PlaceSafety): Reason[] => {
  const isBar = variation.kit.some((need) => need.includes('barbell'));
  if (!isBar) return [];
  const collars = place.hasCollars ? [] : [reason('bar-without-collars', { variationId: variation.id }, 'common-practice')];
  const isPull = variation.traits.includes('floor-pull') && !place.hasFullDiscs;
  return [...collars, ...(isPull ? [reason('small-discs', { variationId: variation.id }, 'common-practice')] : [])];
};
