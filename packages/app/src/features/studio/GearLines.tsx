import { StyleSheet, View } from 'react-native';
import { KIT_LABELS } from '@drubo/core/explain';
import type { KitItem, MassUnit } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { lengthUnit, readNumber } from '../../ui/measure';
import type { GearLine } from './gear-lines';

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
  <View style={styles.column}>
    {lines.map((line, at) => (
      <View key={line.id} style={styles.row}>
        <View style={styles.grow}>
          <Field
            label={`${KIT_LABELS[line.item]}, height`}
            unit={lengthUnit(unit)}
            inputMode="decimal"
            value={line.text}
            onChangeText={(text) => onChange(lines.map((other, n) => (n === at ? { ...other, text } : other)))}
            error={readNumber(line.text) === undefined ? `must be a number in ${lengthUnit(unit)}` : undefined}
          />
        </View>
        <IconButton
          icon="close"
          says={`Take away: ${KIT_LABELS[line.item]}`}
          onPress={() => onChange(lines.filter((_, n) => n !== at))}
        />
      </View>
    ))}
    <View style={styles.wrap}>
      {WITH_HEIGHT.map((item) => (
        <Button
          key={item}
          icon="plus"
          label={KIT_LABELS[item]}
          says={`Add a ${KIT_LABELS[item]} with its height`}
          onPress={() => onChange([...lines, { id: newId(), item, text: '', owned: 1 }])}
        />
      ))}
    </View>
  </View>
);

const styles = StyleSheet.create({
  column: { gap: SPACE.s },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
