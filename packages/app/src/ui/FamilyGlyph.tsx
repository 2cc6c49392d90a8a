import Svg, { Path } from 'react-native-svg';
import type { Family } from '@drubo/core/vocabulary';
import { familyTone } from '../theme/family-tone';
import { usePalette } from '../theme/use-palette';

/** Each family as the line its body makes: a bent stack, a split stance, a folded trunk, a raised span; helpers likewise. */
const LINES: Record<Family, string> = {
  squat: 'M7 4l5 6-6 3 6 7',
  lunge: 'M11 3v8l6 2v7M11 11l-3 6-5 3',
  hinge: 'M3 7l11 1v12',
  bridge: 'M3 19l9-10h4l1 10',
  step: 'M3 20h6v-5h6v-5h5',
  lateral: 'M11 4v7l-7 9M11 11l8 9',
  calf: 'M8 3l1 9-1 5 8 3',
  trunk: 'M11 3v16M7 7h8M8 15h6',
  prep: 'M4 14a7 7 0 0 1 14 0',
  power: 'M12 3l-6 9h8l-5 8',
  finisher: 'M11 6v6l4 3M11 3a9 9 0 1 1-8 8',
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
        stroke={palette[familyTone(family)]}
        strokeWidth={2.6}
        strokeLinecap="round"
        strokeLinejoin="round"
        fill="none"
      />
    </Svg>
  );
};
