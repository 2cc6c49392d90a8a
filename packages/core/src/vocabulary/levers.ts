/** Set-up parameters a variation may offer. Scales and defaults stand in the catalogue. */
export const LEVERS = [
  'support',
  'range',
  'box-height',
  'pad-height',
  'bar-height',
  'deficit',
  'step-height',
  'heel-lift',
  'counterweight',
  'stance-width',
  'toes-out',
  'stride',
  'foot-distance',
  'rear-elevation',
  'feet-elevation',
  'front-elevation',
  'arms',
  'load-position',
  'band',
  'surface',
  'tempo',
  'top-hold',
  'plank-base',
  'plank-feet',
  'on-the-fist',
  'knee-travel',
  'front-hold',
  'bar-place',
  'box-style',
  'grip',
] as const;
export type LeverId = (typeof LEVERS)[number];

/** One notch: a measure in the lever's unit, a named setting, or null for none of it. */
export type LeverValue = number | string | null;

/** Levers moved away from where a variation usually has them. */
export type LeverValues = Partial<Record<LeverId, LeverValue>>;
