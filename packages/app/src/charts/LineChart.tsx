import { area, line } from 'd3-shape';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import type { Palette } from '../theme/tokens';
import { Axes } from './Axes';
import { chartFrame, PAD } from './frame';

/** One line of a chart. Lines are told apart by their dash and their marks, not by colour alone. */
export interface Series {
  name: string;
  points: readonly { day: number; value: number; low?: number; high?: number }[];
  tone: keyof Palette;
  /** How it is drawn: whole with round marks, or dashed with square ones. */
  look: 'whole' | 'dashed';
}

/** px; the lower one for several of a kind under each other. */
const HEIGHT = { usual: 170, low: 96 } as const;
/** Size of a mark, smaller where many stand close, px. */
const MARK = { usual: 3.5, many: 2, manyFrom: 30 } as const;

/** Values over days as lines, each with its band where it has one. `marks`: days to be marked from top to bottom. */
export const LineChart = ({
  width,
  series,
  says,
  from = 'zero',
  top,
  format,
  tall = 'usual',
  span,
  marks = [],
}: {
  width: number;
  series: readonly Series[];
  says: string;
  from?: 'zero' | 'lowest';
  /** A value the scale reaches at least: the end of what is possible. */
  top?: number;
  format?: (value: number) => string;
  tall?: keyof typeof HEIGHT;
  /** Days the chart covers though not each has a value, so that several line up. */
  span?: readonly number[];
  marks?: readonly { day: number; tone: keyof Palette; isDashed: boolean }[];
}) => {
  const palette = usePalette();
  const points = series.flatMap((one) => one.points);
  const days = span ?? points.map(({ day }) => day);
  const values = points.flatMap(({ value, low, high }) => [value, low ?? value, high ?? value]);
  if (top !== undefined) values.push(top);
  const mark = series.some((one) => one.points.length > MARK.manyFrom) ? MARK.many : MARK.usual;
  const size = { width, height: HEIGHT[tall] };
  const { x, y, ticks } = chartFrame(size, days, values, from);
  const path = line<Series['points'][number]>()
    .x(({ day }) => x(day))
    .y(({ value }) => y(value));
  const band = area<Series['points'][number]>()
    .x(({ day }) => x(day))
    .y0(({ low, value }) => y(low ?? value))
    .y1(({ high, value }) => y(high ?? value));
  return (
    <Svg {...size} role="img" aria-label={says}>
      <Axes {...size} x={x} y={y} ticks={ticks} days={days} {...(format ? { format } : {})} />
      {marks.map(({ day, tone, isDashed }, at) => (
        <Line
          key={`${day}-${at}`}
          x1={x(day)}
          x2={x(day)}
          y1={PAD.top}
          y2={size.height - PAD.bottom}
          stroke={palette[tone]}
          strokeWidth={2}
          {...(isDashed ? { strokeDasharray: '3 3' } : { opacity: 0.6 })}
        />
      ))}
      {series.map(({ name, points: own, tone, look }) => {
        const hasBand = own.some(({ low }) => low !== undefined);
        const dash = look === 'dashed' ? { strokeDasharray: '6 4' } : {};
        return [
          hasBand && <Path key={`${name}-band`} d={band([...own]) ?? ''} fill={palette[tone]} opacity={0.16} />,
          <Path key={`${name}-line`} d={path([...own]) ?? ''} stroke={palette[tone]} strokeWidth={2} fill="none" {...dash} />,
          ...own.map(({ day, value }, at) =>
            look === 'whole' ? (
              <Circle key={`${name}-${at}`} cx={x(day)} cy={y(value)} r={mark} fill={palette[tone]} />
            ) : (
              <Rect
                key={`${name}-${at}`}
                x={x(day) - mark}
                y={y(value) - mark}
                width={2 * mark}
                height={2 * mark}
                fill={palette.card}
                stroke={palette[tone]}
                strokeWidth={1.5}
              />
            ),
          ),
        ];
      })}
    </Svg>
  );
};
