import type { KitGear } from '@drubo/core';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { lengthFromCm, lengthToCm, readNumber } from '../../ui/measure';

/** A thing with a height as it is typed. */
export interface GearLine {
  id: string;
  item: KitItem;
  text: string;
  owned: number;
  /** The height as it is stored and as it was first written: a 40 cm box stays one where inches are read. */
  was?: { text: string; heightCm: number | null };
}

/** A kit's gear as lines to edit. */
export const gearLinesOf = (gear: readonly KitGear[], unit: MassUnit): GearLine[] =>
  gear.flatMap(({ id, item, heightCm, owned, band }) => {
    if (band) return [];
    const text = heightCm === null ? '' : String(Math.round(lengthFromCm(heightCm, unit) * 10) / 10);
    return { id, item, owned, text, was: { text, heightCm } };
  });

/** The gear as it is stored; null while a height isn't a number. */
export const gearOf = (lines: readonly GearLine[], unit: MassUnit): KitGear[] | null => {
  const gear = lines.map(({ id, item, text, owned, was }) => {
    if (was?.text === text) return { id, item, owned, heightCm: was.heightCm };
    const height = readNumber(text);
    return height === undefined ? null : { id, item, owned, heightCm: height === null ? null : lengthToCm(height, unit) };
  });
  return gear.every((one) => one !== null) ? gear : null;
};
