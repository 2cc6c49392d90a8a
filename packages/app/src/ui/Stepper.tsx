import { StyleSheet, View } from 'react-native';
import { SPACE, TARGET } from '../theme/tokens';
import { IconButton } from './IconButton';
import { Txt } from './Txt';

/** Minus, value, plus. The value is a label with its unit, so loads can step along the kit. */
export const Stepper = ({
  label,
  value,
  onDown,
  onUp,
  size = TARGET.usual,
  hideLabel = false,
}: {
  label: string;
  value: string;
  /** Null at the end of the scale. */
  onDown: (() => void) | null;
  onUp: (() => void) | null;
  size?: number;
  hideLabel?: boolean;
}) => (
  <View role="group" aria-label={`${label}: ${value}`} style={styles.box}>
    {!hideLabel && (
      <Txt kind="small" tone="quiet">
        {label}
      </Txt>
    )}
    <View style={styles.row}>
      <IconButton framed size={size} icon="minus" says={`${label}: less`} disabled={!onDown} onPress={() => onDown?.()} />
      <Txt kind="number" style={styles.value} aria-live="polite" numberOfLines={2}>
        {value}
      </Txt>
      <IconButton framed size={size} icon="plus" says={`${label}: more`} disabled={!onUp} onPress={() => onUp?.()} />
    </View>
  </View>
);

const styles = StyleSheet.create({
  box: { flexGrow: 1, flexBasis: 0, minWidth: 150, gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
  value: { flexGrow: 1, flexBasis: 0, textAlign: 'center' },
});
