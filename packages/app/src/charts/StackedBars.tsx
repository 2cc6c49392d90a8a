import Svg, { Rect, Text } from 'react-native-svg';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import type { Palette } from '../theme/tokens';
import { Axes } from './Axes';
import { chartFrame, PAD } from './frame';

/** What is stacked on a day, from the bottom up. */
export interface StackedBar {
  day: number;
  parts: readonly { name: string; value: number; tone: keyof Palette; isOutlined?: boolean }[];
}

const HEIGHT = 170;
/** Share of a week's width its bar takes, and the widest a bar gets, px. */
const BAR = { share: 0.7, most: 26 } as const;

/** A bar a week, its parts on each other; the parts stand in the table by name. */
export const StackedBars = ({
  width,
  stacks,
  says,
  marks = [],
}: {
  width: number;
  stacks: readonly StackedBar[];
  says: string;
  /** A few letters over some days. */
  marks?: readonly { day: number; text: string }[];
}) => {
  const palette = usePalette();
  const days = stacks.map(({ day }) => day);
  const sums = stacks.map(({ parts }) => parts.reduce((sum, { value }) => sum + value, 0));
  const size = { width, height: HEIGHT };
  const inner = width - PAD.left - PAD.right;
  const bar = Math.max(2, Math.min(BAR.most, (inner / Math.max(1, stacks.length)) * BAR.share));
  // Half a week on both sides, so that the outer bars stand clear of the edges.
  const span = days.length === 0 ? [] : [Math.min(...days) - 4, Math.max(...days) + 4];
  const { x, y, ticks } = chartFrame(size, span, sums);
  return (
    <Svg {...size} role="img" aria-label={says}>
      <Axes {...size} x={x} y={y} ticks={ticks} days={days} />
      {stacks.map(({ day, parts }) => {
        let under = 0;
        return parts.map(({ name, value, tone, isOutlined }) => {
          const [top, bottom] = [y(under + value), y(under)];
          under += value;
          return (
            <Rect
              key={`${day}-${name}`}
              x={x(day) - bar / 2}
              y={top}
              width={bar}
              height={Math.max(0, bottom - top - 1)}
              fill={isOutlined ? palette.card : palette[tone]}
              stroke={palette[tone]}
              strokeWidth={isOutlined ? 1.5 : 0}
            />
          );
        });
      })}
      {marks
        .filter(({ day }) => days.includes(day))
        .map(({ day, text }) => (
          <Text
            key={day}
            x={x(day)}
            y={PAD.top - 4}
            textAnchor="middle"
            fontSize={12}
            fontFamily={FONTS.number}
            fill={palette.ink}
          >
            {text}
          </Text>
        ))}
    </Svg>
  );
};
