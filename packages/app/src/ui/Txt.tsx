import type { ReactNode } from 'react';
import { Text } from 'react-native';
import type { StyleProp, TextProps, TextStyle } from 'react-native';
import { FONTS } from '../theme/tokens';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';

/** Text roles: numbers and headings in the semi-condensed face with tabular figures, the rest in the text face. */
const KINDS = {
  title: { fontFamily: FONTS.heading, fontSize: 26, lineHeight: 32 },
  heading: { fontFamily: FONTS.heading, fontSize: 19, lineHeight: 24 },
  label: { fontFamily: FONTS.heading, fontSize: 15, lineHeight: 20 },
  body: { fontFamily: FONTS.text, fontSize: 16, lineHeight: 22 },
  bold: { fontFamily: FONTS.textBold, fontSize: 16, lineHeight: 22 },
  small: { fontFamily: FONTS.text, fontSize: 14, lineHeight: 19 },
  number: { fontFamily: FONTS.heading, fontSize: 22, lineHeight: 28 },
  count: { fontFamily: FONTS.heading, fontSize: 84, lineHeight: 88 },
} as const satisfies Record<string, TextStyle>;

interface Props extends Pick<TextProps, 'role' | 'aria-live' | 'numberOfLines' | 'nativeID' | 'testID' | 'selectable'> {
  kind?: keyof typeof KINDS;
  /** A palette role; ink where nothing is said. */
  tone?: keyof Palette;
  style?: StyleProp<TextStyle>;
  children: ReactNode;
}

/** Text in one of the product's roles. */
export const Txt = ({ kind = 'body', tone = 'ink', style, children, ...rest }: Props) => {
  const palette = usePalette();
  return (
    <Text {...rest} style={[{ ...KINDS[kind], color: palette[tone], fontVariant: ['tabular-nums'] }, style]}>
      {children}
    </Text>
  );
};

/** A heading of the page structure, as screen readers see it. */
export const Heading = ({ level = 2, kind = 'heading', ...rest }: Props & { level?: 1 | 2 | 3 }) => (
  // React Native's types lack aria-level; the web target passes it on.
  <Txt {...rest} {...({ 'aria-level': level } as object)} kind={kind} role="heading" />
);
