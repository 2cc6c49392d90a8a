import { fromKg, toKg } from '@drubo/core';
import type { KitGear } from '@drubo/core';
import type { BandStrength, MassUnit } from '@drubo/core/vocabulary';
import { lengthFromCm, lengthToCm, readNumber } from '../../ui/measure';

/** A measured band as it is typed: two lengths, and what a scale showed at each. */
export interface BandLine {
  id: string;
  strength: BandStrength;
  owned: number;
  shorter: string;
  shorterPull: string;
  longer: string;
  longerPull: string;
  /** As it is stored and as it was first written. */
  was?: { text: string; gear: KitGear };
}

export const BAND_FIELDS = ['shorter', 'shorterPull', 'longer', 'longerPull'] as const;

const written = (value: number): string => String(Math.round(value * 10) / 10);
const textOf = (line: Pick<BandLine, (typeof BAND_FIELDS)[number]>): string => BAND_FIELDS.map((field) => line[field]).join('|');

/** A kit's measured bands as lines to edit. */
export const bandLinesOf = (gear: readonly KitGear[], unit: MassUnit): BandLine[] =>
  gear.flatMap((one) => {
    const [a, b] = one.band?.points ?? [];
    if (!one.band || !a || !b) return [];
    const typed = {
      shorter: written(lengthFromCm(a.lengthCm, unit)),
      shorterPull: written(fromKg(a.pullKg, unit)),
      longer: written(lengthFromCm(b.lengthCm, unit)),
      longerPull: written(fromKg(b.pullKg, unit)),
    };
    return [{ id: one.id, strength: one.band.strength, owned: one.owned, ...typed, was: { text: textOf(typed), gear: one } }];
  });

/** What is wrong with a line, by what it is about; null: nothing. */
export const bandProblem = (line: BandLine): 'number' | 'lengths' | 'pulls' | null => {
  const [a, pullA, b, pullB] = BAND_FIELDS.map((field) => readNumber(line[field]));
  if (typeof a !== 'number' || typeof b !== 'number' || typeof pullA !== 'number' || typeof pullB !== 'number') return 'number';
  if (b <= a) return 'lengths';
  return pullB <= pullA ? 'pulls' : null;
};

/** The bands as they are stored; null while one of them is not measured right. */
export const bandsOf = (lines: readonly BandLine[], unit: MassUnit): KitGear[] | null => {
  if (lines.some((line) => bandProblem(line) !== null)) return null;
  return lines.map((line) => {
    const { id, strength, owned, was } = line;
    if (was?.text === textOf(line) && was.gear.band) return { ...was.gear, band: { ...was.gear.band, strength } };
    const at = (length: string, pull: string) => ({
      lengthCm: lengthToCm(readNumber(length) ?? 0, unit),
      pullKg: toKg(readNumber(pull) ?? 0, unit),
    });
    const points = [at(line.shorter, line.shorterPull), at(line.longer, line.longerPull)];
    return { id, item: 'band', owned, heightCm: null, band: { strength, points } };
  });
};
