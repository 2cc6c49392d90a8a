import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import type { StyleProp, ViewStyle } from 'react-native';
import { RADIUS, SPACE } from '../theme/tokens';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Stack } from './layout';

/** A hairline card. `edge` puts a coloured bar down its left side for what needs attention. */
export const Card = ({
  children,
  edge,
  style,
}: {
  children: ReactNode;
  edge?: keyof Palette | undefined;
  style?: StyleProp<ViewStyle>;
}) => {
  const palette = usePalette();
  return (
    <Stack
      gap="s"
      style={[
        styles.card,
        { backgroundColor: palette.card, borderColor: palette.hairline },
        edge && { borderLeftWidth: 4, borderLeftColor: palette[edge] },
        style,
      ]}
    >
      {children}
    </Stack>
  );
};

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: RADIUS, padding: SPACE.m },
});
