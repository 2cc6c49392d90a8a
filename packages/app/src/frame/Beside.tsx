import { Slot, usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePalette } from '../theme/use-palette';
import { Row } from '../ui/layout';
import { useWide } from './use-wide';

/** Wide enough for a line of the list, narrow enough for a whole page beside it, px. */
const LIST_WIDTH = 372;

/** A phone shows a place's list or one thing of it; a wide screen shows the list beside the thing. `href`: the list's own. */
export const Beside = ({ href, list }: { href: string; list: ReactNode }) => {
  const palette = usePalette();
  const { isWide } = useWide();
  const isList = usePathname() === href;
  if (!isWide || isList) return <Slot />;
  return (
    <Row align="stretch" style={styles.fill}>
      <View style={[styles.list, { borderColor: palette.hairline }]}>{list}</View>
      <View style={styles.fill}>
        <Slot />
      </View>
    </Row>
  );
};

const styles = StyleSheet.create({
  fill: { flex: 1 },
  list: { width: LIST_WIDTH, borderRightWidth: 1 },
});
