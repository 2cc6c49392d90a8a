/**
 * The edge between false and true of a test that changes once between `from` (false) and `to` (true), on the true
 * side; null where `to` is false too. 50 halvings.
 */
export const edgeOf = (from: number, to: number, isTrue: (value: number) => boolean): number | null =>
  fallBelowZero(from, to, (value) => (isTrue(value) ? -Infinity : Infinity));

/** Close enough for an angle in radians or a length in metres. */
const CLOSE = 1e-12;
const MOST_STEPS = 60;

/**
 * Where a value falls to zero between `from` (above) and `to` (at or below), on the far side; null where it never
 * does, `from` where it is there already. False position with the Illinois correction where both ends are finite,
 * halving where one is not.
 */
export const fallBelowZero = (from: number, to: number, valueAt: (at: number) => number): number | null => {
  let low = to;
  let lowValue = valueAt(to);
  if (!(lowValue <= 0)) return null;
  let high = from;
  let highValue = valueAt(from);
  if (highValue <= 0) return from;
  let lastSide = 0;
  for (let step = 0; step < MOST_STEPS && Math.abs(high - low) > CLOSE && lowValue < -CLOSE; step += 1) {
    const isFinite = Number.isFinite(highValue) && Number.isFinite(lowValue);
    const at = isFinite ? (high * lowValue - low * highValue) / (lowValue - highValue) : (high + low) / 2;
    if (at === high || at === low) break;
    const value = valueAt(at);
    if (value <= 0) {
      low = at;
      lowValue = value;
      if (lastSide === -1 && isFinite) highValue /= 2;
      lastSide = -1;
    } else {
      high = at;
      highValue = value;
      if (lastSide === 1 && isFinite) lowValue /= 2;
      lastSide = 1;
    }
  }
  return low;
};
