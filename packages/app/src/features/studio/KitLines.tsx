import { useController, useFieldArray, useWatch } from 'react-hook-form';
import type { Control } from 'react-hook-form';
import { StyleSheet } from 'react-native';
import { MASS_UNITS, PIECE_TYPES } from '@drubo/core/vocabulary';
import { inSentence } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Stepper } from '../../ui/Stepper';
import { Heading } from '../../ui/Txt';
import { ROW_KEY } from './kit-form';
import type { KitForm, LineProps } from './kit-form';
import { PIECE_LABELS } from '../../parts/kit/kit-lines';
import type { KitLine } from '../../parts/kit/kit-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.kitLines;

const TYPES = PIECE_TYPES.filter((type): type is KitLine['type'] => type !== 'machine');
const UNITS = MASS_UNITS.map((value) => ({ value, label: value }));
/** Most pieces of one size, as the contract has it. */
const MOST_OWNED = 50;
/** Bars are single, plates come for two sides, dumbbells in pairs. */
const USUAL_OWNED: Record<KitLine['type'], number> = {
  dumbbell: 2,
  kettlebell: 1,
  bar: 1,
  'trap-bar': 1,
  plate: 4,
  'home-weight': 1,
};

/** Weights as lines of text: a whole rack is one line. */
export const KitLines = ({
  control,
  problems,
  unit,
}: {
  control: Control<KitForm>;
  problems: readonly (string | null)[];
  unit: KitLine['unit'];
}) => {
  const { fields, append, remove } = useFieldArray({ control, name: 'weights', ...ROW_KEY });
  return (
    <Stack gap="l">
      {fields.map(({ rowKey }, at) => (
        <Line key={rowKey} control={control} at={at} problem={problems[at] ?? undefined} onRemove={() => remove(at)} />
      ))}
      <Wrap gap="s" align="end">
        {TYPES.map((type) => (
          <Button
            key={type}
            icon="plus"
            label={PIECE_LABELS[type]}
            says={words.add(inSentence(PIECE_LABELS[type]))}
            onPress={() => append({ type, text: '', unit, owned: USUAL_OWNED[type] }, { shouldFocus: false })}
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const Line = ({ control, at, problem, onRemove }: LineProps & { problem: string | undefined }) => {
  const type = useWatch({ control, name: `weights.${at}.type` });
  const { field: text } = useController({ control, name: `weights.${at}.text` });
  const { field: owned } = useController({ control, name: `weights.${at}.owned` });
  const { field: unit } = useController({ control, name: `weights.${at}.unit` });
  const label = PIECE_LABELS[type];
  return (
    <Stack role="group" aria-label={words.line(label, at + 1)} gap="xs">
      <Row>
        <Heading level={3} kind="label" style={styles.grow}>
          {label}
        </Heading>
        <IconButton icon="close" says={words.takeAway(label, text.value)} onPress={onRemove} />
      </Row>
      <Field
        label={words.sizes}
        unit={unit.value}
        value={text.value}
        onChangeText={text.onChange}
        help={words.as230By}
        error={problem}
      />
      <Wrap gap="s" align="end">
        <Stepper
          label={words.ofEach}
          value={String(owned.value)}
          onDown={owned.value > 1 ? () => owned.onChange(owned.value - 1) : null}
          onUp={owned.value < MOST_OWNED ? () => owned.onChange(owned.value + 1) : null}
        />
        <Choices label={words.printedIn} options={UNITS} value={unit.value} onChange={unit.onChange} />
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
