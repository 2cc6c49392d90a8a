import { StyleSheet, View } from 'react-native';
import { KIT_LABELS } from '@drubo/words/explain';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack, Wrap } from '../../ui/layout';
import { lengthUnit, readNumber } from '../../ui/measure';
import type { GearLine } from './gear-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.gearLines;

const WITH_HEIGHT: readonly KitItem[] = ['box', 'bench', 'low-step', 'sofa', 'chair', 'block'];

/** Boxes, benches, steps and seats with their heights. */
export const GearLines = ({
  lines,
  unit,
  newId,
  onChange,
}: {
  lines: readonly GearLine[];
  unit: MassUnit;
  newId(): string;
  onChange(lines: GearLine[]): void;
}) => (
  <Stack gap="s">
    {lines.map((line, at) => (
      <Row key={line.id} gap="s">
        <View style={styles.grow}>
          <Field
            label={words.height(KIT_LABELS[line.item])}
            unit={lengthUnit(unit)}
            inputMode="decimal"
            value={line.text}
            onChangeText={(text) => onChange(lines.map((other, n) => (n === at ? { ...other, text } : other)))}
            error={readNumber(line.text) === undefined ? words.mustBeANumber(lengthUnit(unit)) : undefined}
          />
        </View>
        <IconButton
          icon="close"
          says={words.takeAway(KIT_LABELS[line.item])}
          onPress={() => onChange(lines.filter((_, n) => n !== at))}
        />
      </Row>
    ))}
    <Wrap gap="s">
      {WITH_HEIGHT.map((item) => (
        <Button
          key={item}
          icon="plus"
          label={KIT_LABELS[item]}
          says={words.addAWithIts(KIT_LABELS[item])}
          onPress={() => onChange([...lines, { id: newId(), item, text: '', owned: 1 }])}
        />
      ))}
    </Wrap>
  </Stack>
);

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
