import { StyleSheet } from 'react-native';
import type { SetEnding } from '@drubo/core/vocabulary';
import { Chip } from '../../ui/Chip';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.endingRow;

/** Why a set was shorter than asked for; pain has a button of its own. The engine reads each of them differently. */
const REASONS = [
  ['choice', words.choseTo, words.choseToStop],
  ['form', 'form', words.formWent],
  ['grip', 'grip', words.gripGaveOut],
  ['failure', words.couldNot, words.couldNotLiftIt],
] as const satisfies readonly (readonly [SetEnding, string, string])[];

/** One row, shown only while the reps stand below what was asked for. */
export const EndingRow = ({ ending, onChange }: { ending: SetEnding; onChange(ending: SetEnding): void }) => (
  <Row role="radiogroup" aria-label={words.whyItWasShort} gap="xs">
    <Txt kind="small" tone="quiet" style={styles.label}>
      {words.short}
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
  </Row>
);

const styles = StyleSheet.create({
  label: { minWidth: 36 },
});
