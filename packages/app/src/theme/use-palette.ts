import { useTheme } from 'react-native-paper';
import type { DruboTheme } from './paper';
import type { Palette } from './tokens';

/** The palette in force here. */
export const usePalette = (): Palette => useTheme<DruboTheme>().palette;
