const SQRT_2PI = Math.sqrt(2 * Math.PI);

/** Density of the standard normal distribution. */
export const normalDensity = (z: number): number => Math.exp(-0.5 * z * z) / SQRT_2PI;

/**
 * Upper tail 1 − Φ(z) of the standard normal distribution, to about 1e−7 relative over the whole line.
 * Method: rational Chebyshev fit of erfc (W. J. Cody's kind, the well-known twelve-figure form of numerical texts).
 */
export const upperTail = (z: number): number => 0.5 * erfc(z / Math.SQRT2);

/** Φ(z) of the standard normal distribution. */
export const lowerTail = (z: number): number => upperTail(-z);

const ERFC = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587, -0.82215223, 0.17087277,
] as const;

const erfc = (x: number): number => {
  const size = Math.abs(x);
  const t = 1 / (1 + 0.5 * size);
  let series = 0;
  for (let i = ERFC.length - 1; i >= 0; i -= 1) series = series * t + (ERFC[i] ?? 0);
  const tail = t * Math.exp(-size * size + series);
  return x >= 0 ? tail : 2 - tail;
};

/** φ(α) / (1 − Φ(α)), the mean of a standard normal known to lie above α. Finite for every α. */
export const hazard = (alpha: number): number => {
  // Far out the ratio of two vanishing numbers gives way to its own series.
  if (alpha > 8) return alpha + 1 / alpha - 2 / alpha ** 3;
  return normalDensity(alpha) / upperTail(alpha);
};

/** Mean distance from zero of a normal variable with this mean and standard deviation (above zero). */
export const meanDistance = (mean: number, sd: number): number => {
  const z = mean / sd;
  return 2 * sd * normalDensity(z) + mean * (1 - 2 * upperTail(z));
};
