import Svg, { Path } from 'react-native-svg';
import { VERDICT_LABELS } from '@drubo/words/explain';
import type { Verdict } from '@drubo/core/vocabulary';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Row } from './layout';
import { Txt } from './Txt';

const STEPS: Record<Verdict, { line: string; tone: keyof Palette }> = {
  'move-up': { line: 'M2 17h8v-6h8V5h8', tone: 'moss' },
  'same-again': { line: 'M2 11h24', tone: 'quiet' },
  'ease-back': { line: 'M2 5h8v6h8v6h8', tone: 'clay' },
  'leave-out': { line: 'M2 11h7M19 11h7', tone: 'saffron' },
};

/** A verdict as a word and the step it takes: rising, level, falling, or a gap. */
export const VerdictMark = ({ verdict, size = 'usual' }: { verdict: Verdict; size?: 'usual' | 'small' }) => {
  const palette = usePalette();
  const { line, tone } = STEPS[verdict];
  const scale = size === 'small' ? 0.7 : 1;
  return (
    <Row gap="s">
      <Svg width={28 * scale} height={22 * scale} viewBox="0 0 28 22" aria-hidden>
        <Path d={line} stroke={palette[tone]} strokeWidth={3} strokeLinecap="round" strokeLinejoin="round" fill="none" />
      </Svg>
      <Txt kind={size === 'small' ? 'small' : 'heading'} tone={tone}>
        {VERDICT_LABELS[verdict]}
      </Txt>
    </Row>
  );
};
