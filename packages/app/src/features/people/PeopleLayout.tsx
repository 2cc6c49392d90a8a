import { Slot, usePathname } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { usePalette } from '../../theme/use-palette';
import { useWide } from '../../frame/use-wide';
import { PeopleScreen } from './PeopleScreen';
import { Row } from '../../ui/layout';

/** A phone shows the list or one person; a wide screen shows the list beside the person. */
export const PeopleLayout = () => {
  const palette = usePalette();
  const { isWide } = useWide();
  const isList = usePathname() === '/people';
  if (!isWide || isList) return <Slot />;
  return (
    <Row align="stretch" style={styles.row}>
      <View style={[styles.list, { borderColor: palette.hairline }]}>
        <PeopleScreen />
      </View>
      <View style={styles.detail}>
        <Slot />
      </View>
    </Row>
  );
};

const styles = StyleSheet.create({
  row: { flex: 1 },
  list: { width: 360, borderRightWidth: 1 },
  detail: { flex: 1 },
});
