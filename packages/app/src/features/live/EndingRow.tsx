import { StyleSheet, View } from 'react-native';
import type { SetEnding } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Txt } from '../../ui/Txt';

/** Why a set was shorter than asked for; pain has a button of its own. The engine reads each of them differently. */
const REASONS = [
  ['choice', 'chose to', 'Chose to stop'],
  ['form', 'form', 'Form went'],
  ['grip', 'grip', 'Grip gave out'],
  ['failure', 'could not', 'Could not lift it'],
] as const satisfies readonly (readonly [SetEnding, string, string])[];

/** One row, shown only while the reps stand below what was asked for. */
export const EndingRow = ({ ending, onChange }: { ending: SetEnding; onChange(ending: SetEnding): void }) => (
  <View role="radiogroup" aria-label="Why it was short" style={styles.row}>
    <Txt kind="small" tone="quiet" style={styles.label}>
      Short:
    </Txt>
    {REASONS.map(([value, label, says]) => (
      <Chip
        key={value}
        role="radio"
        grow
        label={label}
        says={says}
        tone="saffron"
        chosen={ending === value}
        onPress={() => onChange(value)}
      />
    ))}
  </View>
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
  label: { minWidth: 36 },
});
