import type { Variation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { EMPHASES } from '../vocabulary';
import type { Family } from '../vocabulary';

/** Neighbouring patterns: half as good as the same one. Common practice, no source. */
const NEAR: readonly (readonly [Family, Family])[] = [
  ['squat', 'step'],
  ['squat', 'lunge'],
  ['lunge', 'step'],
  ['lunge', 'lateral'],
  ['hinge', 'bridge'],
  ['hinge', 'power'],
];

/** 1 the same pattern, .5 a neighbour, 0 another. */
export const patternAlike = (a: Variation, b: Variation): number => {
  if (a.family === b.family) return 1;
  return NEAR.some((pair) => pair.includes(a.family) && pair.includes(b.family)) ? 0.5 : 0;
};

/** How alike two movements' emphasis is, 0–1: the cosine of the two lists. */
export const emphasisAlike = (a: Variation, b: Variation): number => {
  let [dot, aa, bb] = [0, 0, 0];
  for (const id of EMPHASES) {
    const [x, y] = [a.emphasis[id] ?? 0, b.emphasis[id] ?? 0];
    dot += x * y;
    aa += x * x;
    bb += y * y;
  }
  return aa === 0 || bb === 0 ? 0 : dot / Math.sqrt(aa * bb);
};

/** How far up its ladder a movement stands, 0–1; null where it stands on none. */
export const difficultyOf = (variation: Variation): number | null => {
  const [first] = rungsOf(variation.custom?.basedOn ?? variation.id);
  if (!first) return null;
  const most = Math.max(...first.ladder.rungs.map(({ stage }) => stage));
  return first.rung.stage / most;
};
