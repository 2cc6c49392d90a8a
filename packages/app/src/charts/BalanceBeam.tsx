import { scaleLinear } from 'd3-scale';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { usePalette } from '../theme/use-palette';
import { chartsWords } from '@drubo/words/screens/charts';

const words = chartsWords.balanceBeam;

/** Most the beam tilts either way, degrees. */
const MOST_DEG = 16;
const tilt = scaleLinear([0, 1], [MOST_DEG, -MOST_DEG]).clamp(true);

/** Knee work against hip work as a beam: it sinks to the side that does more. */
export const BalanceBeam = ({ kneeShare, width = 150, says }: { kneeShare: number; width?: number; says?: string }) => {
  const palette = usePalette();
  const knee = Math.round(kneeShare * 100);
  return (
    <Svg width={width} height={46} viewBox="0 0 150 46" role="img" aria-label={says ?? words.kneeHipOfThe(knee, 100 - knee)}>
      <G rotation={tilt(kneeShare)} originX={75} originY={24}>
        <Line x1={20} x2={130} y1={24} y2={24} stroke={palette.ink} strokeWidth={3} strokeLinecap="round" />
        <Circle cx={20} cy={17} r={7} fill={palette.squat} />
        <Circle cx={130} cy={17} r={7} fill={palette.hinge} />
      </G>
      <Path d="M75 25l9 17h-18z" fill={palette.quiet} />
    </Svg>
  );
};
