import { Pressable, StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';
import { pressOnSpace } from './press-on-space';
import { Txt } from './Txt';

/** One thing that is ticked or not, with its words beside the box. */
export const Tick = ({ label, checked, onChange }: { label: string; checked: boolean; onChange(checked: boolean): void }) => {
  const palette = usePalette();
  const toggle = () => onChange(!checked);
  return (
    <Pressable
      role="checkbox"
      aria-label={label}
      aria-checked={checked}
      onPress={toggle}
      {...pressOnSpace(toggle)}
      style={({ pressed }) => [styles.row, { opacity: pressed ? 0.75 : 1 }]}
    >
      <View
        style={[
          styles.box,
          { borderColor: checked ? palette.moss : palette.edge, backgroundColor: checked ? palette.mossTint : palette.card },
        ]}
      >
        {checked && <Icon name="check" size={18} color={palette.moss} />}
      </View>
      <Txt style={styles.label}>{label}</Txt>
    </Pressable>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, minHeight: TARGET.usual },
  box: { width: 24, height: 24, borderWidth: 2, borderRadius: RADIUS / 2, alignItems: 'center', justifyContent: 'center' },
  label: { flexShrink: 1 },
});
