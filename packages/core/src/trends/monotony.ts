/** Training days a week needs for monotony to mean anything. House default. */
const LEAST_DAYS = 3;

/**
 * Monotony of a week: mean daily load over its standard deviation (n − 1), rest days counting as 0, rounded to a
 * hundredth. Null below three training days, or where every day is alike.
 * Source: Foster 1998, from memory. Strain is weekly load × monotony.
 * @example monotonyOf([300, 0, 300, 0, 300, 0, 0]) // 0.8
 */
export const monotonyOf = (dailyLoads: readonly number[]): number | null => {
  if (dailyLoads.filter((load) => load > 0).length < LEAST_DAYS) return null;
  const mean = dailyLoads.reduce((sum, load) => sum + load, 0) / dailyLoads.length;
  const squares = dailyLoads.reduce((sum, load) => sum + (load - mean) ** 2, 0);
  const sd = Math.sqrt(squares / (dailyLoads.length - 1));
  return sd < 1e-9 ? null : Math.round((mean / sd) * 100) / 100;
};
