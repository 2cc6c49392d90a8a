import { STUDIO_ITEMS } from '../vocabulary';
import type { KitItem, KitPlace, MassUnit } from '../vocabulary';
import { defaultKit } from './default-kit';
import type { Kit } from './types';

/** A kit with what else stands in the room and what catches a bar. */
export interface PlaceKit extends Kit {
  place: KitPlace;
  items: readonly KitItem[];
  hasSafeties: boolean;
  hasCollars: boolean;
  hasFullDiscs: boolean;
}

/** Weights a studio's list already counts as pieces; the room is worked out from those. */
const WEIGHTS = new Set<KitItem>([
  'dumbbell',
  'dumbbell-pair',
  'kettlebell',
  'kettlebell-pair',
  'barbell',
  'trap-bar',
  'small-plates',
]);

const NO_BAR = { hasSafeties: false, hasCollars: false, hasFullDiscs: false };

/** What a new kit of each place starts with, to be made true by the trainer. Common practice, no source. */
export const startKit = (place: KitPlace, unit: MassUnit): PlaceKit => {
  if (place === 'studio') {
    const items = STUDIO_ITEMS.filter((item) => !WEIGHTS.has(item));
    return { ...defaultKit(unit), place, items, hasSafeties: true, hasCollars: true, hasFullDiscs: true };
  }
  const items: readonly KitItem[] =
    place === 'home'
      ? ['chair', 'sofa', 'stair', 'towel', 'cushion', 'broom', 'book', 'doorway', 'wall']
      : ['chair', 'towel', 'cushion', 'wall', 'doorway'];
  return { pieces: [], machines: [], gear: [], place, items, ...NO_BAR };
};
