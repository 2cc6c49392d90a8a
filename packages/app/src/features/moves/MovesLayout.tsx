import { Slot, usePathname } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { usePalette } from '../../theme/use-palette';
import { useWide } from '../../frame/use-wide';
import { MovesScreen } from './MovesScreen';
import { MovesStateProvider } from './MovesState';
import { Row } from '../../ui/layout';

/** A phone shows the staircases or one movement; a wide screen shows them side by side. */
export const MovesLayout = () => (
  <MovesStateProvider>
    <Panes />
  </MovesStateProvider>
);

const Panes = () => {
  const palette = usePalette();
  const { isWide } = useWide();
  const isList = usePathname() === '/moves';
  if (!isWide || isList) return <Slot />;
  return (
    <Row align="stretch" style={styles.row}>
      <View style={[styles.list, { borderColor: palette.hairline }]}>
        <MovesScreen />
      </View>
      <View style={styles.detail}>
        <Slot />
      </View>
    </Row>
  );
};

const styles = StyleSheet.create({
  row: { flex: 1 },
  list: { width: 380, borderRightWidth: 1 },
  detail: { flex: 1 },
});
