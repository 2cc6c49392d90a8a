/** Middle and slow end of some times, in the unit they came in. */
export const percentiles = (times: readonly number[]): { p50: number; p95: number } => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
  return { p50: at(0.5), p95: at(0.95) };
};
