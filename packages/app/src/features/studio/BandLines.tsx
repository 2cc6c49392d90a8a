import { useController, useFieldArray, useWatch } from 'react-hook-form';
import type { Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { BAND_STRENGTHS } from '@drubo/core/vocabulary';
import type { MassUnit } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack } from '../../ui/layout';
import { lengthUnit } from '../../ui/measure';
import { Txt } from '../../ui/Txt';
import { BAND_FIELDS, bandProblem } from './band-lines';
import { ROW_KEY } from './kit-form';
import type { KitForm, LineProps } from './kit-form';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.bandLines;

/** Bands with their pull at two lengths, as a luggage scale shows it. */
export const BandLines = ({ control, unit, newId }: { control: Control<KitForm>; unit: MassUnit; newId(): string }) => {
  const { fields, append, remove } = useFieldArray({ control, name: 'bands', ...ROW_KEY });
  const blank = { shorter: '', shorterPull: '', longer: '', longerPull: '' };
  return (
    <Stack gap="s">
      {fields.map(({ rowKey }, at) => (
        <Line key={rowKey} control={control} at={at} unit={unit} onRemove={() => remove(at)} />
      ))}
      <Button
        icon="plus"
        label={words.addABand}
        onPress={() =>
          append(
            { id: newId(), strength: BAND_STRENGTHS[fields.length % BAND_STRENGTHS.length] ?? 'light', owned: 1, ...blank },
            { shouldFocus: false },
          )
        }
      />
    </Stack>
  );
};

const Line = ({ control, at, unit, onRemove }: LineProps & { unit: MassUnit }) => {
  const strength = useController({ control, name: `bands.${at}.strength` }).field;
  const line = useWatch({ control, name: `bands.${at}` });
  const problem = bandProblem(line);
  const isBlank = BAND_FIELDS.every((field) => line[field] === '');
  return (
    <Stack gap="xs">
      <Row gap="s">
        <View style={styles.grow}>
          <Choices
            label={words.strength}
            options={BAND_STRENGTHS.map((value) => ({ value, label: words.strengths[value] }))}
            value={strength.value}
            onChange={strength.onChange}
          />
        </View>
        <IconButton icon="close" says={words.takeAway(words.strengths[strength.value])} onPress={onRemove} />
      </Row>
      <Row gap="s" align="start">
        <Typed control={control} name={`bands.${at}.shorter`} label={words.shorter} unit={lengthUnit(unit)} />
        <Typed control={control} name={`bands.${at}.shorterPull`} label={words.shorterPull} unit={unit} />
      </Row>
      <Row gap="s" align="start">
        <Typed control={control} name={`bands.${at}.longer`} label={words.longer} unit={lengthUnit(unit)} />
        <Typed control={control} name={`bands.${at}.longerPull`} label={words.longerPull} unit={unit} />
      </Row>
      {problem && (
        <Txt kind="small" tone={isBlank ? 'quiet' : 'clay'} role={isBlank ? undefined : 'alert'}>
          {words.problems[problem]}
        </Txt>
      )}
    </Stack>
  );
};

const Typed = ({
  control,
  name,
  label,
  unit,
}: {
  control: Control<KitForm>;
  name: `bands.${number}.${(typeof BAND_FIELDS)[number]}`;
  label: string;
  unit: string;
}) => {
  const { field } = useController({ control, name });
  return (
    <View style={styles.grow}>
      <Field label={label} unit={unit} inputMode="decimal" value={field.value} onChangeText={field.onChange} />
    </View>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
