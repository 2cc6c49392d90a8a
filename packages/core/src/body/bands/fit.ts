/** One measured point of a band: its stretched length and the pull a scale shows there. */
export interface BandPoint {
  lengthCm: number;
  pullKg: number;
}

/** A band's pull at a length, and whether that length was measured. */
export interface BandPull {
  pullKg: number;
  /** `slack`: shorter than it pulls; `below`: under the first point, read off the first slope; `beyond`: over the last, held there. */
  at: 'slack' | 'below' | 'measured' | 'beyond';
}

/** A fitted band: asks only for a length. */
export type BandCurve = (lengthCm: number) => BandPull;

export type BandFit = { status: 'fitted'; curve: BandCurve } | { status: 'too-few' | 'repeated-length' | 'not-positive' };

/** Isotonic regression (pool adjacent violators): the nearest rising values, in order of length. */
const rising = (values: readonly number[]): number[] => {
  const pools: { sum: number; count: number }[] = [];
  for (const value of values) {
    pools.push({ sum: value, count: 1 });
    for (;;) {
      const [before, last] = [pools[pools.length - 2], pools[pools.length - 1]];
      if (!before || !last || before.sum / before.count <= last.sum / last.count) break;
      pools.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
    }
  }
  return pools.flatMap(({ sum, count }) => Array.from({ length: count }, () => sum / count));
};

/** Slopes at the points for a cubic that never overshoots (Fritsch and Carlson 1980, from memory). */
const slopes = (xs: readonly number[], ys: readonly number[]): number[] => {
  const secants = xs.slice(1).map((x, i) => ((ys[i + 1] ?? 0) - (ys[i] ?? 0)) / (x - (xs[i] ?? 0)));
  return xs.map((_, i) => {
    const [before, after] = [secants[i - 1], secants[i]];
    if (before === undefined) return after ?? 0;
    if (after === undefined) return before;
    return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
  });
};

/**
 * Fits a rising curve through two or more measured points; scale readings that fall are pooled. A length beyond the
 * last point is not guessed: it stays at the last pull and says so.
 * @example fitBand([{ lengthCm: 100, pullKg: 5 }, { lengthCm: 150, pullKg: 15 }])
 */
export const fitBand = (points: readonly BandPoint[]): BandFit => {
  if (points.length < 2) return { status: 'too-few' };
  if (points.some(({ lengthCm, pullKg }) => !(lengthCm > 0) || !(pullKg >= 0))) return { status: 'not-positive' };
  const sorted = [...points].sort((a, b) => a.lengthCm - b.lengthCm);
  const xs = sorted.map(({ lengthCm }) => lengthCm);
  if (new Set(xs).size !== xs.length) return { status: 'repeated-length' };
  const ys = rising(sorted.map(({ pullKg }) => pullKg));
  const ms = slopes(xs, ys);
  const [firstX, firstY, firstM] = [xs[0] ?? 0, ys[0] ?? 0, ms[0] ?? 0];
  const [lastX, lastY] = [xs[xs.length - 1] ?? 0, ys[ys.length - 1] ?? 0];
  const curve: BandCurve = (lengthCm) => {
    if (lengthCm > lastX) return { pullKg: lastY, at: 'beyond' };
    if (lengthCm < firstX) {
      const pullKg = firstY - firstM * (firstX - lengthCm);
      return pullKg > 0 ? { pullKg, at: 'below' } : { pullKg: 0, at: 'slack' };
    }
    const i = Math.max(
      0,
      Math.min(
        xs.length - 2,
        xs.findLastIndex((x) => x <= lengthCm),
      ),
    );
    const [x0, x1, y0, y1, m0, m1] = [xs[i], xs[i + 1], ys[i], ys[i + 1], ms[i], ms[i + 1]] as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const [width, t] = [x1 - x0, (lengthCm - x0) / (x1 - x0)];
    const pullKg =
      y0 * (1 + 2 * t) * (1 - t) ** 2 + m0 * width * t * (1 - t) ** 2 + y1 * t ** 2 * (3 - 2 * t) + m1 * width * t ** 2 * (t - 1);
    return { pullKg, at: 'measured' };
  };
  return { status: 'fitted', curve };
};
