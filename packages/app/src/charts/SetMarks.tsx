import { scaleLinear } from 'd3-scale';
import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import type { SetRecordDto } from '@drubo/contracts';
import type { Dose } from '@drubo/core';
import { repsTop } from '@drubo/core';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { chartsWords } from '@drubo/words/screens/charts';

const words = chartsWords.setMarks;

const WIDTH = 52;
const HEIGHT = 40;
/** Where reps above and below the range's top lie: so many either way, and no further. */
const MIDDLE = HEIGHT / 2 + 2;
const MOST = { reps: 6, px: 14.4 } as const;
const above = scaleLinear([-MOST.reps, MOST.reps], [MIDDLE + MOST.px, MIDDLE - MOST.px]).clamp(true);

/** Planned against done: a line for the top of the range, a dot above or below it for each set, reps beside it. */
export const SetMarks = ({ sets, dose }: { sets: readonly SetRecordDto[]; dose: Dose }) => {
  const palette = usePalette();
  const top = repsTop(dose);
  const label = sets.map((set) => words.reps(set.reps ?? words.no, set.side === 'both' ? '' : ` ${set.side}`)).join(', ');
  return (
    <Svg
      width={Math.max(1, sets.length) * WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={sets.length > 0 ? words.doneTopOfThe(label, top) : words.noSetLogged}
    >
      {sets.map((set, at) => {
        const reps = set.reps ?? 0;
        const x = at * WIDTH + 16;
        const isShort = reps < dose.repsLow;
        return (
          <G key={set.id}>
            <Line x1={x - 14} x2={x + 10} y1={MIDDLE} y2={MIDDLE} stroke={palette.edge} strokeWidth={3} />
            <Circle
              cx={x}
              cy={above(reps - top)}
              r={5}
              fill={isShort ? palette.card : palette.moss}
              stroke={isShort ? palette.clay : palette.moss}
              strokeWidth={2.5}
            />
            <SvgText x={x + 14} y={MIDDLE + 5} fontFamily={FONTS.heading} fontSize={13} fill={palette.ink}>
              {`${reps}${words.sideLetters[set.side]}`}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
};
