import { formatShortDay } from '@drubo/words/dates';
import type { ScaleLinear } from 'd3-scale';
import { G, Line, Text } from 'react-native-svg';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { PAD, someDays } from './frame';

/** Level lines with their values at the left, some days below. */
export const Axes = ({
  width,
  height,
  x,
  y,
  ticks,
  days,
  format = String,
}: {
  width: number;
  height: number;
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
  ticks: readonly number[];
  days: readonly number[];
  format?: (value: number) => string;
}) => {
  const palette = usePalette();
  const text = { fontSize: 12, fontFamily: FONTS.number, fill: palette.quiet } as const;
  const shown = someDays([...new Set(days)]);
  return (
    <G>
      {ticks.map((value) => (
        <G key={value}>
          <Line x1={PAD.left} x2={width - PAD.right} y1={y(value)} y2={y(value)} stroke={palette.hairline} />
          <Text x={PAD.left - 6} y={y(value) + 4} textAnchor="end" {...text}>
            {format(value)}
          </Text>
        </G>
      ))}
      {shown.map((day, at) => (
        <Text
          key={day}
          x={x(day)}
          y={height - 6}
          textAnchor={shown.length === 1 ? 'middle' : at === 0 ? 'start' : at === shown.length - 1 ? 'end' : 'middle'}
          {...text}
        >
          {formatShortDay(day)}
        </Text>
      ))}
    </G>
  );
};
