import { useController, useFieldArray } from 'react-hook-form';
import type { Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { KIT_LABELS } from '@drubo/words/explain';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { lengthUnit, readNumber } from '../../ui/measure';
import { ROW_KEY } from './kit-form';
import type { KitForm, LineProps } from './kit-form';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.gearLines;

const WITH_HEIGHT: readonly KitItem[] = ['box', 'bench', 'low-step', 'sofa', 'chair', 'block'];

/** Boxes, benches, steps and seats with their heights. */
export const GearLines = ({ control, unit, newId }: { control: Control<KitForm>; unit: MassUnit; newId(): string }) => {
  const { fields, append, remove } = useFieldArray({ control, name: 'gear', ...ROW_KEY });
  return (
    <Stack gap="s">
      {fields.map(({ rowKey, item }, at) => (
        <Line key={rowKey} control={control} at={at} item={item} unit={unit} onRemove={() => remove(at)} />
      ))}
      <Wrap gap="s">
        {WITH_HEIGHT.map((item) => (
          <Button
            key={item}
            icon="plus"
            label={KIT_LABELS[item]}
            says={words.addAWithIts(KIT_LABELS[item])}
            onPress={() => append({ id: newId(), item, text: '', owned: 1 }, { shouldFocus: false })}
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const Line = ({ control, at, item, unit, onRemove }: LineProps & { item: KitItem; unit: MassUnit }) => {
  const { field } = useController({ control, name: `gear.${at}.text` });
  return (
    <Row gap="s">
      <View style={styles.grow}>
        <Field
          label={words.height(KIT_LABELS[item])}
          unit={lengthUnit(unit)}
          inputMode="decimal"
          value={field.value}
          onChangeText={field.onChange}
          error={readNumber(field.value) === undefined ? words.mustBeANumber(lengthUnit(unit)) : undefined}
        />
      </View>
      <IconButton icon="close" says={words.takeAway(KIT_LABELS[item])} onPress={onRemove} />
    </Row>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
