import type { KitDto } from '@drubo/contracts';
import { readSizes } from '@drubo/core';
import type { KitPiece, SizesProblem } from '@drubo/core';
import { formatNumber, inSentence, KIT_LABELS } from '@drubo/words/explain';
import type { KitPlace, MassUnit } from '@drubo/core/vocabulary';
import { partsKitWords } from '@drubo/words/screens/parts-kit';

const words = partsKitWords.kitLines;

/** Sizes of one type of weight as a rack is described: a line of text, its unit, how many there are of each. */
export interface KitLine {
  type: KitPiece['type'];
  text: string;
  unit: MassUnit;
  owned: number;
}

export const PIECE_LABELS: Record<KitPiece['type'], string> = words.pieceLabels;

export const PLACE_LABELS: Record<KitPlace, string> = words.placeLabels;

/** What is wrong with a line of sizes. */
export const PROBLEMS: Record<SizesProblem, string> = words.problems;

/** Fewest sizes in even steps that are written as a range. */
const RANGE_FROM = 3;
const same = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;

/** Not a word of the screen: sizes are read back as they are written. */
const rangeOf = (from: number, to: number, by: number): string =>
  `${formatNumber(from, 3)}–${formatNumber(to, 3)} by ${formatNumber(by, 3)}`;

/** Whether a range reads back as the sizes it is written for: what is written is rounded, and a rounded step may miss the last. */
const readsBack = (range: string, sizes: readonly number[]): boolean => {
  const read = readSizes(range);
  return (
    read.ok && read.sizes.length === sizes.length && read.sizes.every((size, at) => Math.abs(size - (sizes[at] ?? 0)) < 1e-3)
  );
};

/** Sizes as they are written: even runs as a range, the rest one by one. */
export const writeSizes = (sizes: readonly number[]): string => {
  const parts: string[] = [];
  let at = 0;
  while (at < sizes.length) {
    const from = sizes[at] ?? 0;
    const by = (sizes[at + 1] ?? from) - from;
    let end = at;
    while (end + 1 < sizes.length && same((sizes[end + 1] ?? 0) - (sizes[end] ?? 0), by)) end += 1;
    const range = rangeOf(from, sizes[end] ?? from, by);
    const isRange = end - at + 1 >= RANGE_FROM && readsBack(range, sizes.slice(at, end + 1));
    parts.push(isRange ? range : formatNumber(from, 3));
    at = isRange ? end + 1 : at + 1;
  }
  return parts.join('; ');
};

/** A kit's pieces as lines to edit. */
export const linesOf = (pieces: readonly KitPiece[]): KitLine[] => {
  const groups = new Map<string, KitPiece[]>();
  for (const piece of pieces) {
    const key = `${piece.type} ${piece.owned} ${piece.unit}`;
    groups.set(key, [...(groups.get(key) ?? []), piece]);
  }
  return [...groups.values()].flatMap((group) => {
    const [first] = group;
    if (!first) return [];
    const sizes = group.map(({ value }) => value).sort((a, b) => a - b);
    return [{ type: first.type, unit: first.unit, owned: first.owned, text: writeSizes(sizes) }];
  });
};

/** What lines come to: the pieces, and for each line what is wrong with it. */
export const piecesOf = (lines: readonly KitLine[]): { pieces: KitPiece[]; problems: (string | null)[] } => {
  const pieces = new Map<string, KitPiece>();
  const problems = lines.map(({ type, text, unit, owned }): string | null => {
    // A line nobody wrote in yet adds nothing.
    if (text.trim() === '') return null;
    const read = readSizes(text);
    if (!read.ok) return `${read.part === '' ? '' : `“${read.part}” `}${PROBLEMS[read.problem]}`;
    const twice = read.sizes.find((value) => pieces.has(`${type}-${value}${unit}`));
    if (twice !== undefined) return words.standsInAnotherLine(formatNumber(twice, 3), unit);
    for (const value of read.sizes)
      pieces.set(`${type}-${value}${unit}`, { id: `${type}-${value}${unit}`, type, value, unit, owned });
    return null;
  });
  return { pieces: [...pieces.values()], problems };
};

/** A kit in one quiet line. */
export const kitLine = ({ pieces, gear, items, hasSafeties }: KitDto): string =>
  [
    ...linesOf(pieces).map(({ type, text, unit }) => `${inSentence(PIECE_LABELS[type])} ${text} ${unit}`),
    ...gear.map(({ item, heightCm }) => `${KIT_LABELS[item]}${heightCm === null ? '' : words.cm(formatNumber(heightCm, 0))}`),
    ...items.slice(0, 8).map((item) => KIT_LABELS[item]),
    hasSafeties ? words.safetyBars : null,
  ]
    .filter((part) => part !== null)
    .join(' · ') || words.nothingYet;
