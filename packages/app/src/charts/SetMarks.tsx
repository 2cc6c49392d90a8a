import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import type { SetRecordDto } from '@drubo/contracts';
import type { Dose } from '@drubo/core';
import { repsTop } from '@drubo/core';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';

const WIDTH = 52;
const HEIGHT = 40;
/** Height of one rep above or below the range's top in the drawing. */
const REP_HEIGHT = 2.4;
const MOST_OFF = 6;

/** Planned against done: a line for the top of the range, a dot above or below it for each set, reps beside it. */
export const SetMarks = ({ sets, dose }: { sets: readonly SetRecordDto[]; dose: Dose }) => {
  const palette = usePalette();
  const top = repsTop(dose);
  const middle = HEIGHT / 2 + 2;
  const label = sets.map((set) => `${set.reps ?? 'no'} reps${set.side === 'both' ? '' : ` ${set.side}`}`).join(', ');
  return (
    <Svg
      width={Math.max(1, sets.length) * WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={sets.length > 0 ? `Done: ${label}; top of the range ${top}` : 'No set logged'}
    >
      {sets.map((set, at) => {
        const reps = set.reps ?? 0;
        const off = Math.max(-MOST_OFF, Math.min(MOST_OFF, reps - top));
        const x = at * WIDTH + 16;
        const y = middle - off * REP_HEIGHT;
        const isShort = reps < dose.repsLow;
        return (
          <G key={set.id}>
            <Line x1={x - 14} x2={x + 10} y1={middle} y2={middle} stroke={palette.edge} strokeWidth={3} />
            <Circle
              cx={x}
              cy={y}
              r={5}
              fill={isShort ? palette.card : palette.moss}
              stroke={isShort ? palette.clay : palette.moss}
              strokeWidth={2.5}
            />
            <SvgText x={x + 14} y={middle + 5} fontFamily={FONTS.heading} fontSize={13} fill={palette.ink}>
              {`${reps}${set.side === 'both' ? '' : set.side === 'left' ? 'L' : 'R'}`}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
};
