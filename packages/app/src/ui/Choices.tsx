import { StyleSheet, View } from 'react-native';
import { SPACE } from '../theme/tokens';
import { Chip } from './Chip';
import { Txt } from './Txt';

/** One of a few, as a row of chips that screen readers see as a radio group. */
export const Choices = <Value extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly { value: Value; label: string }[];
  value: Value | null;
  onChange(value: Value): void;
}) => (
  <View role="radiogroup" aria-label={label} style={styles.group}>
    <Txt kind="small" tone="quiet">
      {label}
    </Txt>
    <View style={styles.row}>
      {options.map((option) => (
        <Chip
          key={option.value}
          role="radio"
          label={option.label}
          chosen={option.value === value}
          onPress={() => onChange(option.value)}
        />
      ))}
    </View>
  </View>
);

const styles = StyleSheet.create({
  group: { gap: SPACE.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
