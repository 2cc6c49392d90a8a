import Svg, { Path } from 'react-native-svg';
import type { Family } from '@drubo/core/vocabulary';
import { usePalette } from '../theme/use-palette';

/** Each family as the line its body makes: a bent stack, a split stance, a folded trunk, a raised span. */
const LINES: Record<Family, string> = {
  squat: 'M7 4l5 6-6 3 6 7',
  lunge: 'M11 3v8l6 2v7M11 11l-3 6-5 3',
  hinge: 'M3 7l11 1v12',
  bridge: 'M3 19l9-10h4l1 10',
};

/** The family's mark in the family's tint; `name` is what screen readers say, decorative without it. */
export const FamilyGlyph = ({ family, size = 20, name }: { family: Family; size?: number; name?: string }) => {
  const palette = usePalette();
  return (
    <Svg
      width={size}
      height={size}
      viewBox="0 0 22 22"
      {...(name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true })}
    >
      <Path
        d={LINES[family]}
        stroke={palette[family]}
        strokeWidth={2.6}
        strokeLinecap="round"
        strokeLinejoin="round"
        fill="none"
      />
    </Svg>
  );
};
