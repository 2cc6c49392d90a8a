/** Numbers from 0 to 1 that come again with the same seed (mulberry32). */
export const seeded = (seed) => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
};

const isBefore = (a, b) => a.line < b.line || (a.line === b.line && a.column <= b.column);
const holds = (outer, inner) =>
  outer.fileName === inner.fileName &&
  isBefore(outer.location.start, inner.location.start) &&
  isBefore(inner.location.end, outer.location.end);

/**
 * Ranges of code that hold about so many mutants between them, drawn by chance. A range brings every mutant inside it, so
 * those that span much are passed over.
 */
export const sampleOf = (mutants, count, dice) => {
  const MOST_INSIDE = 8;
  const taken = new Set();
  const ranges = [];
  const left = [...mutants];
  while (taken.size < count && left.length > 0) {
    const [drawn] = left.splice(Math.floor(dice() * left.length), 1);
    if (taken.has(drawn)) continue;
    const inside = mutants.filter((one) => holds(drawn, one));
    if (inside.length > MOST_INSIDE) continue;
    for (const one of inside) taken.add(one);
    ranges.push({ fileName: drawn.fileName, start: drawn.location.start, end: drawn.location.end });
  }
  return ranges;
};
