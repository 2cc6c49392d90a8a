import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import type { Family, MainFamily } from '@drubo/core/vocabulary';
import type { Palette } from './tokens';

/** Helper families take the tint of the family they serve; those that serve all take none. */
const KIN: Record<Exclude<Family, MainFamily>, keyof Palette> = {
  step: 'squat',
  lateral: 'squat',
  power: 'hinge',
  calf: 'quiet',
  trunk: 'quiet',
  prep: 'quiet',
  finisher: 'quiet',
};

const isMain = (family: Family): family is MainFamily => MAIN_FAMILIES.some((main) => main === family);

/** The palette role of a family. Never the only sign: its glyph or name stands beside it. */
export const familyTone = (family: Family): keyof Palette => (isMain(family) ? family : KIN[family]);
