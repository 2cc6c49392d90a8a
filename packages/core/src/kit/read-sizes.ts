/** Sizes a line of text means, or why it means none. */
export type SizesRead = { ok: true; sizes: readonly number[] } | { ok: false; problem: SizesProblem; part: string };
export type SizesProblem = 'empty' | 'not-a-number' | 'not-above-zero' | 'too-heavy' | 'falls' | 'step' | 'too-many';

/** The most sizes one line may mean, and the heaviest single piece. House defaults. */
const MOST_SIZES = 60;
const HEAVIEST = 500;

const NUMBER = String.raw`(-?\d+(?:[.,]\d+)?)`;
const RANGE = new RegExp(String.raw`^${NUMBER}\s*(?:–|-|to)\s*${NUMBER}(?:\s*(?:by|step)\s*${NUMBER})?$`, 'i');
const SINGLE = new RegExp(`^${NUMBER}$`);

const number = (text: string): number => Number(text.replace(',', '.'));
const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/**
 * Reads sizes as a rack is described: `2–30 by 2`, `4, 8, 12`, `1.25; 2.5; 5–20 by 5`. A range without `by` goes by one.
 * A comma between two digits is a decimal comma; after a comma in a list there is a space, or use a semicolon.
 * @example readSizes('2–8 by 2, 10') // { ok: true, sizes: [2, 4, 6, 8, 10] }
 */
export const readSizes = (text: string): SizesRead => {
  const parts = text
    .split(/;|,\s+|,$|\s\+\s/)
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.length === 0) return { ok: false, problem: 'empty', part: '' };
  const sizes = new Set<number>();
  for (const part of parts) {
    const read = readPart(part);
    if (!read.ok) return read;
    read.sizes.forEach((size) => sizes.add(size));
  }
  if (sizes.size > MOST_SIZES) return { ok: false, problem: 'too-many', part: text };
  return { ok: true, sizes: [...sizes].sort((a, b) => a - b) };
};

const readPart = (part: string): SizesRead => {
  const bad = (problem: SizesProblem): SizesRead => ({ ok: false, problem, part });
  const single = SINGLE.exec(part);
  const range = single ? null : RANGE.exec(part);
  if (!single && !range) return bad('not-a-number');
  const from = number(single?.[1] ?? range?.[1] ?? '');
  const to = single ? from : number(range?.[2] ?? '');
  const by = range?.[3] === undefined ? 1 : number(range[3]);
  if (from <= 0 || to <= 0) return bad('not-above-zero');
  if (to > HEAVIEST || from > HEAVIEST) return bad('too-heavy');
  if (to < from) return bad('falls');
  if (by <= 0) return bad('step');
  const count = Math.floor((to - from) / by + 1e-9) + 1;
  if (count > MOST_SIZES) return bad('too-many');
  return { ok: true, sizes: Array.from({ length: count }, (_, at) => rounded(from + at * by)) };
};
