import { StyleSheet, View } from 'react-native';
import { SPACE, TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Txt } from '../../ui/Txt';
import { RESERVE_CAP } from './pad';

const SCALE = Array.from({ length: RESERVE_CAP + 1 }, (_, at) => at);

/** Reps in reserve, 0 to 5 and more. Nothing is chosen until somebody says it; a second tap takes it back. */
export const ReservePad = ({
  value,
  target,
  onChange,
}: {
  value: number | null;
  target: number;
  onChange(value: number | null): void;
}) => (
  <View role="radiogroup" aria-label="Reps in reserve" style={styles.box}>
    <Txt kind="small" tone="quiet">
      In reserve · aim for {target} · {value === null ? 'not asked' : `${value}${value === RESERVE_CAP ? ' or more' : ''} said`}
    </Txt>
    <View style={styles.row}>
      {SCALE.map((reserve) => (
        <Chip
          key={reserve}
          role="radio"
          grow
          height={TARGET.live}
          label={reserve === RESERVE_CAP ? `${reserve}+` : String(reserve)}
          says={`${reserve}${reserve === RESERVE_CAP ? ' or more' : ''} in reserve`}
          chosen={value === reserve}
          onPress={() => onChange(value === reserve ? null : reserve)}
        />
      ))}
    </View>
  </View>
);

const styles = StyleSheet.create({ box: { gap: SPACE.xs }, row: { flexDirection: 'row', gap: SPACE.xs } });
