import { ScrollView, StyleSheet } from 'react-native';
import { FAULT_LABELS } from '@drubo/words/explain';
import type { FaultSeverity } from '@drubo/core/vocabulary';
import { isUnclean, markDangerous, tapFault } from '@drubo/core/live';
import type { Pad } from '@drubo/core/live';
import { SPACE } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Row } from '../../ui/layout';
import type { Exercise } from './floor';

const WORDS: Record<FaultSeverity, string> = { note: 'note', breaks: 'breaks the set', dangerous: 'dangerous' };

/** Pain, clean or not, and this variation's faults: one tap a note, two break the set, a long press is dangerous. */
export const FaultRow = ({
  exercise,
  pad,
  onChange,
  onPain,
}: {
  exercise: Exercise;
  pad: Pad;
  onChange(change: Partial<Pad>): void;
  onPain(): void;
}) => (
  <Row gap="xs" align="stretch">
    <Chip
      label={pad.jointPain === null ? 'pain –' : `pain ${pad.jointPain}`}
      says={pad.jointPain === null ? 'Pain, not asked' : `Pain ${pad.jointPain} of 10`}
      tone="clay"
      chosen={pad.jointPain !== null}
      onPress={onPain}
    />
    <Chip
      label="not clean"
      tone="clay"
      chosen={isUnclean(pad)}
      onPress={() =>
        onChange(
          isUnclean(pad)
            ? { isUnclean: false, faults: pad.faults.filter(({ severity }) => severity === 'note') }
            : { isUnclean: true },
        )
      }
    />
    <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerStyle={styles.faults}>
      {exercise.variation.faults.map((id) => {
        const severity = pad.faults.find((fault) => fault.id === id)?.severity;
        return (
          <Chip
            key={id}
            label={severity ? `${FAULT_LABELS[id]} · ${WORDS[severity]}` : FAULT_LABELS[id]}
            says={severity ? `${FAULT_LABELS[id]}: ${WORDS[severity]}` : FAULT_LABELS[id]}
            tone={severity === 'note' ? 'saffron' : 'clay'}
            chosen={severity !== undefined}
            onPress={() => onChange({ faults: tapFault(pad.faults, id) })}
            onLongPress={() => onChange({ faults: markDangerous(pad.faults, id) })}
          />
        );
      })}
    </ScrollView>
  </Row>
);

const styles = StyleSheet.create({
  faults: { flexDirection: 'row', gap: SPACE.xs },
});
