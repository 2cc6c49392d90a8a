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
import { PIECE_LABELS } from '../../parts/kit/kit-lines';
import type { KitLine } from '../../parts/kit/kit-lines';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.kitLines;

const TYPES = PIECE_TYPES.filter((type): type is KitLine['type'] => type !== 'machine');
const UNITS = MASS_UNITS.map((value) => ({ value, label: value }));
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
  lines,
  problems,
  unit,
  onChange,
}: {
  lines: readonly KitLine[];
  problems: readonly (string | null)[];
  unit: KitLine['unit'];
  onChange(lines: KitLine[]): void;
}) => {
  const change = (at: number, part: Partial<KitLine>) =>
    onChange(lines.map((line, other) => (other === at ? { ...line, ...part } : line)));
  return (
    <Stack gap="l">
      {lines.map((line, at) => (
        <Stack key={at} role="group" aria-label={words.line(PIECE_LABELS[line.type], at + 1)} gap="xs">
          <Row>
            <Heading level={3} kind="label" style={styles.grow}>
              {PIECE_LABELS[line.type]}
            </Heading>
            <IconButton
              icon="close"
              says={words.takeAway(PIECE_LABELS[line.type], line.text)}
              onPress={() => onChange(lines.filter((_, other) => other !== at))}
            />
          </Row>
          <Field
            label={words.sizes}
            unit={line.unit}
            value={line.text}
            onChangeText={(text) => change(at, { text })}
            help={words.as230By}
            error={problems[at] ?? undefined}
          />
          <Wrap gap="s" align="end">
            <Stepper
              label={words.ofEach}
              value={String(line.owned)}
              onDown={line.owned > 1 ? () => change(at, { owned: line.owned - 1 }) : null}
              onUp={line.owned < 50 ? () => change(at, { owned: line.owned + 1 }) : null}
            />
            <Choices
              label={words.printedIn}
              options={UNITS}
              value={line.unit}
              onChange={(value) => change(at, { unit: value })}
            />
          </Wrap>
        </Stack>
      ))}
      <Wrap gap="s" align="end">
        {TYPES.map((type) => (
          <Button
            key={type}
            icon="plus"
            label={PIECE_LABELS[type]}
            says={words.add(inSentence(PIECE_LABELS[type]))}
            onPress={() => onChange([...lines, { type, text: '', unit, owned: USUAL_OWNED[type] }])}
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
