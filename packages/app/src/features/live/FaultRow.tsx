import { ScrollView, StyleSheet } from 'react-native';
import { FAULT_LABELS } from '@drubo/words/explain';
import type { FaultSeverity } from '@drubo/core/vocabulary';
import { isUnclean, markDangerous, tapFault } from '@drubo/core/live';
import type { Pad } from '@drubo/core/live';
import { SPACE } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Row } from '../../ui/layout';
import type { Exercise } from './floor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.faultRow;

const WORDS: Record<FaultSeverity, string> = words.words;

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
      label={pad.jointPain === null ? words.pain : words.painWithJointPain(pad.jointPain)}
      says={pad.jointPain === null ? words.painNotAsked : words.painOf10(pad.jointPain)}
      tone="clay"
      chosen={pad.jointPain !== null}
      onPress={onPain}
    />
    <Chip
      label={words.notClean}
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
