import { useController, useFieldArray, useWatch } from 'react-hook-form';
import type { Control } from 'react-hook-form';
import { StyleSheet } from 'react-native';
import { KIT_LABELS } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { FormField } from '../../ui/FormField';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Heading } from '../../ui/Txt';
import { ROW_KEY } from './kit-form';
import type { KitForm, LineProps } from './kit-form';
import { MACHINES } from './machine-lines';
import type { MachineLine } from './machine-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.machineLines;

/** Machines with their own steps. Their numbers are never compared with another machine's. */
export const MachineLines = ({
  control,
  problems,
  unit,
  newId,
}: {
  control: Control<KitForm>;
  problems: readonly (string | null)[];
  unit: MassUnit;
  newId(): string;
}) => {
  const { fields, append, remove } = useFieldArray({ control, name: 'machines', ...ROW_KEY });
  return (
    <Stack gap="l">
      {fields.map(({ rowKey, item, unit: printedIn }, at) => (
        <Line
          key={rowKey}
          control={control}
          at={at}
          item={item}
          unit={printedIn}
          problem={problems[at] ?? undefined}
          onRemove={() => remove(at)}
        />
      ))}
      <Wrap gap="s">
        {MACHINES.map((item) => (
          <Button
            key={item}
            icon="plus"
            label={KIT_LABELS[item]}
            says={words.addAMachine(KIT_LABELS[item])}
            onPress={() =>
              append({ id: newId(), item, name: '', text: '', start: '', unit, assists: false }, { shouldFocus: false })
            }
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const Line = ({
  control,
  at,
  item,
  unit,
  problem,
  onRemove,
}: LineProps & { item: MachineLine['item']; unit: MassUnit; problem: string | undefined }) => {
  const name = useWatch({ control, name: `machines.${at}.name` });
  const { field: steps } = useController({ control, name: `machines.${at}.text` });
  const { field: assists } = useController({ control, name: `machines.${at}.assists` });
  return (
    <Stack role="group" aria-label={words.machine(KIT_LABELS[item], at + 1)} gap="xs">
      <Row>
        <Heading level={3} kind="label" style={styles.grow}>
          {KIT_LABELS[item]}
        </Heading>
        <IconButton icon="close" says={words.takeAway(name || KIT_LABELS[item])} onPress={onRemove} />
      </Row>
      <FormField control={control} name={`machines.${at}.name`} label={words.whichOne} />
      <Field
        label={words.itsSteps}
        unit={unit}
        value={steps.value}
        onChangeText={steps.onChange}
        help={words.as5100By}
        error={steps.value === '' ? undefined : problem}
      />
      <FormField
        control={control}
        name={`machines.${at}.start`}
        label={words.movesWithNothingSet}
        unit={unit}
        inputMode="decimal"
        help={words.anEmptySledOr}
      />
      <Wrap gap="s">
        <Chip label={words.takesWeightOffThe} chosen={assists.value} onPress={() => assists.onChange(!assists.value)} />
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
