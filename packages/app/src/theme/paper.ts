import { configureFonts, MD3DarkTheme, MD3LightTheme } from 'react-native-paper';
import type { MD3Theme } from 'react-native-paper';
import { CHALK, FONTS, NIGHT, RADIUS } from './tokens';
import type { Palette } from './tokens';

/** Paper's theme with our palette beside it. */
export interface DruboTheme extends MD3Theme {
  palette: Palette;
}

const fonts = configureFonts({ config: { fontFamily: FONTS.text } });

const themed = (base: MD3Theme, palette: Palette): DruboTheme => ({
  ...base,
  roundness: RADIUS / 4,
  fonts,
  palette,
  colors: {
    ...base.colors,
    primary: palette.moss,
    onPrimary: palette.onMoss,
    primaryContainer: palette.mossTint,
    onPrimaryContainer: palette.ink,
    secondary: palette.quiet,
    secondaryContainer: palette.mossTint,
    onSecondaryContainer: palette.ink,
    tertiary: palette.saffron,
    background: palette.ground,
    onBackground: palette.ink,
    surface: palette.card,
    onSurface: palette.ink,
    surfaceVariant: palette.card,
    onSurfaceVariant: palette.quiet,
    surfaceDisabled: palette.hairline,
    onSurfaceDisabled: palette.quiet,
    outline: palette.edge,
    outlineVariant: palette.hairline,
    error: palette.clay,
    onError: palette.card,
    errorContainer: palette.clayTint,
    onErrorContainer: palette.clay,
    inverseSurface: palette.ink,
    inverseOnSurface: palette.ground,
    inversePrimary: palette.mossTint,
    backdrop: palette.veil,
    elevation: {
      level0: 'transparent',
      level1: palette.card,
      level2: palette.card,
      level3: palette.card,
      level4: palette.card,
      level5: palette.card,
    },
  },
});

export const chalkTheme = themed(MD3LightTheme, CHALK);
export const nightTheme = themed(MD3DarkTheme, NIGHT);
