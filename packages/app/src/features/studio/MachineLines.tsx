import { StyleSheet } from 'react-native';
import { KIT_LABELS } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Heading } from '../../ui/Txt';
import { MACHINES } from './machine-lines';
import type { MachineLine } from './machine-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.machineLines;

/** Machines with their own steps. Their numbers are never compared with another machine's. */
export const MachineLines = ({
  lines,
  problems,
  unit,
  newId,
  onChange,
}: {
  lines: readonly MachineLine[];
  problems: readonly (string | null)[];
  unit: MassUnit;
  newId(): string;
  onChange(lines: MachineLine[]): void;
}) => {
  const change = (at: number, part: Partial<MachineLine>) =>
    onChange(lines.map((line, other) => (other === at ? { ...line, ...part } : line)));
  return (
    <Stack gap="l">
      {lines.map((line, at) => (
        <Stack key={line.id} role="group" aria-label={words.machine(KIT_LABELS[line.item], at + 1)} gap="xs">
          <Row>
            <Heading level={3} kind="label" style={styles.grow}>
              {KIT_LABELS[line.item]}
            </Heading>
            <IconButton
              icon="close"
              says={words.takeAway(line.name || KIT_LABELS[line.item])}
              onPress={() => onChange(lines.filter((_, other) => other !== at))}
            />
          </Row>
          <Field label={words.whichOne} value={line.name} onChangeText={(name) => change(at, { name })} />
          <Field
            label={words.itsSteps}
            unit={line.unit}
            value={line.text}
            onChangeText={(text) => change(at, { text })}
            help={words.as5100By}
            error={line.text === '' ? undefined : (problems[at] ?? undefined)}
          />
          <Field
            label={words.movesWithNothingSet}
            unit={line.unit}
            inputMode="decimal"
            value={line.start}
            onChangeText={(start) => change(at, { start })}
            help={words.anEmptySledOr}
          />
          <Wrap gap="s">
            <Chip label={words.takesWeightOffThe} chosen={line.assists} onPress={() => change(at, { assists: !line.assists })} />
          </Wrap>
        </Stack>
      ))}
      <Wrap gap="s">
        {MACHINES.map((item) => (
          <Button
            key={item}
            icon="plus"
            label={KIT_LABELS[item]}
            says={words.addAMachine(KIT_LABELS[item])}
            onPress={() => onChange([...lines, { id: newId(), item, name: '', text: '', start: '', unit, assists: false }])}
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
