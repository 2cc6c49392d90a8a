import { scaleLinear } from 'd3-scale';
import type { ScaleLinear } from 'd3-scale';

/** Room around a chart's drawing, px. */
export const PAD = { left: 40, right: 12, top: 14, bottom: 24 } as const;

/** About so many lines across a chart; a low one has room for fewer numbers. */
const TICKS = { usual: 4, low: 2, lowUnderPx: 120 } as const;

/** Where days and values lie in a chart of a size. Values begin at 0 unless told otherwise; one day alone stands in the middle. */
export const chartFrame = (
  { width, height }: { width: number; height: number },
  days: readonly number[],
  values: readonly number[],
  from: 'zero' | 'lowest' = 'zero',
): { x: ScaleLinear<number, number>; y: ScaleLinear<number, number>; ticks: number[] } => {
  const [first, last] = days.length === 0 ? [0, 1] : [Math.min(...days), Math.max(...days)];
  const most = Math.max(...values, 0);
  const least = from === 'zero' ? Math.min(0, ...values) : Math.min(...values);
  const x = scaleLinear(first === last ? [first - 1, last + 1] : [first, last], [PAD.left, width - PAD.right]);
  const y = scaleLinear(least === most ? [least, least + 1] : [least, most], [height - PAD.bottom, PAD.top]).nice(4);
  return { x, y, ticks: y.ticks(height < TICKS.lowUnderPx ? TICKS.low : TICKS.usual) };
};

/** Weeks at most whose days are written under a chart, so that they don't run into each other. */
const MOST_DAYS = 4;

/** Some of the days, evenly spread, the first and the last among them. */
export const someDays = (days: readonly number[]): number[] => {
  if (days.length <= MOST_DAYS) return [...days];
  const step = (days.length - 1) / (MOST_DAYS - 1);
  return Array.from({ length: MOST_DAYS }, (_, at) => days[Math.round(at * step)] ?? 0);
};
