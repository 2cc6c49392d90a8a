import { STUDIO_ITEMS } from '../vocabulary';
import type { KitItem, Place } from '../vocabulary';

export type PresetId = 'studio' | 'living-room';

/** What a place has in the room. The editor of a studio's own kit comes on top of these. */
export interface KitPreset {
  id: PresetId;
  place: Place;
  items: readonly KitItem[];
}

/** A small training studio, and somebody's living room. Common practice, no source. */
export const KIT_PRESETS = [
  {
    id: 'studio',
    place: 'gym',
    items: STUDIO_ITEMS,
  },
  {
    id: 'living-room',
    place: 'home',
    items: ['chair', 'sofa', 'stair', 'towel', 'cushion', 'broom', 'book', 'rucksack', 'doorway', 'wall', 'band'],
  },
] as const satisfies readonly KitPreset[];

/** What can be used at home in place of a piece of gym kit. Common practice, no source. */
export const HOME_STAND_INS: Partial<Record<KitItem, readonly KitItem[]>> = {
  dumbbell: ['rucksack'],
  kettlebell: ['rucksack'],
  bench: ['sofa'],
  'second-bench': ['chair'],
  box: ['chair'],
  'low-step': ['stair'],
  pad: ['cushion'],
  stick: ['broom'],
  slider: ['towel'],
  strap: ['doorway'],
  'small-plates': ['book'],
  'small-ball': ['cushion'],
  block: ['book'],
  'partner-or-anchor': ['sofa'],
};

/** The piece in the room that serves for this one: itself, a home stand-in, or undefined. */
export const servedBy = (item: KitItem, inRoom: ReadonlySet<KitItem>): KitItem | undefined =>
  inRoom.has(item) ? item : HOME_STAND_INS[item]?.find((standIn) => inRoom.has(standIn));
