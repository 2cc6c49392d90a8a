/**
 * Weights the room can hold. A `bar` is loaded with plates on both sides, a `trap-bar` too; `home-weight` is a rucksack
 * or a water can of known weight; a `machine` is set by its own steps.
 */
export const PIECE_TYPES = ['dumbbell', 'kettlebell', 'bar', 'trap-bar', 'plate', 'home-weight', 'machine'] as const;
export type PieceType = (typeof PIECE_TYPES)[number];

/** How strong a band is, by name. */
export const BAND_STRENGTHS = ['light', 'medium', 'heavy'] as const;
export type BandStrength = (typeof BAND_STRENGTHS)[number];

/** Unit printed on a piece, and the unit a trainer reads in. */
export const MASS_UNITS = ['kg', 'lb'] as const;
export type MassUnit = (typeof MASS_UNITS)[number];

/** What stands in for kit at home. */
export const HOME_ITEMS = ['chair', 'sofa', 'stair', 'towel', 'cushion', 'broom', 'book', 'rucksack', 'doorway'] as const;

/** Kinds of thing a movement may need, in a gym or at home. */
export const KIT_ITEMS = [
  'dumbbell',
  'dumbbell-pair',
  'kettlebell',
  'kettlebell-pair',
  'barbell',
  'rack',
  'trap-bar',
  'safety-bar',
  'landmine',
  'small-plates',
  'bench',
  'second-bench',
  'box',
  'low-step',
  'pad',
  'stick',
  'wall',
  'strap',
  'band',
  'slider',
  'ball',
  'small-ball',
  'block',
  'cable',
  'belt',
  'partner-or-anchor',
  'leg-press',
  'hack-squat',
  'guided-bar',
  'leg-extension',
  'leg-curl',
  'thrust-machine',
  'back-extension-bench',
  'glute-ham-bench',
  'assisted-dip-machine',
  'sled',
  ...HOME_ITEMS,
] as const;
export type KitItem = (typeof KIT_ITEMS)[number];

/** Where a session happens. */
export const PLACES = ['gym', 'home'] as const;
export type Place = (typeof PLACES)[number];

/** Kinds of place a kit stands at. */
export const KIT_PLACES = ['studio', 'home', 'hotel'] as const;
export type KitPlace = (typeof KIT_PLACES)[number];

/** What a small training studio has in the room beside its weights. Common practice, no source. */
export const STUDIO_ITEMS = [
  'dumbbell',
  'dumbbell-pair',
  'kettlebell',
  'kettlebell-pair',
  'barbell',
  'rack',
  'trap-bar',
  'landmine',
  'small-plates',
  'bench',
  'second-bench',
  'box',
  'low-step',
  'pad',
  'stick',
  'wall',
  'strap',
  'band',
  'slider',
  'ball',
  'small-ball',
  'block',
  'cable',
  'partner-or-anchor',
  'chair',
] as const satisfies readonly KitItem[];
