import { useState } from 'react';
import { View } from 'react-native';
import type { IntakeDto } from '@drubo/contracts';
import { formatNumber } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Row, Stack } from '../../ui/layout';
import { lengthFromCm, lengthToCm, lengthUnit, readNumber } from '../../ui/measure';
import { useStudio } from '../../data/StudioContext';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.barHeights;

type Place = IntakeDto['places'][number];

/** How high the safety bars and the hooks stand for this person, so that nobody looks for it again. */
export const BarHeights = ({ place, onSave }: { place: Place; onSave(heights: Pick<Place, 'safetyBarCm' | 'hookCm'>): void }) => {
  const { unit } = useStudio();
  const shown = (cm: number | null) => (cm === null ? '' : formatNumber(lengthFromCm(cm, unit), 1));
  const [safety, setSafety] = useState(shown(place.safetyBarCm));
  const [hook, setHook] = useState(shown(place.hookCm));
  const read = (text: string): number | null | undefined => {
    const value = readNumber(text);
    return typeof value === 'number' ? lengthToCm(value, unit) : value;
  };
  const [safetyBarCm, hookCm] = [read(safety), read(hook)];
  const isChanged = safety !== shown(place.safetyBarCm) || hook !== shown(place.hookCm);
  const field = (label: string, text: string, set: (text: string) => void, cm: number | null | undefined) => (
    <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 0 }}>
      <Field
        label={label}
        unit={lengthUnit(unit)}
        inputMode="decimal"
        value={text}
        onChangeText={set}
        error={cm === undefined ? words.mustBeANumber(lengthUnit(unit)) : undefined}
      />
    </View>
  );
  return (
    <Stack gap="s">
      <Row gap="s" align="stretch">
        {field(words.safetyBarsAt, safety, setSafety, safetyBarCm)}
        {field(words.hooksAt, hook, setHook, hookCm)}
      </Row>
      {isChanged && safetyBarCm !== undefined && hookCm !== undefined && (
        <Button label={words.saveTheHeights} onPress={() => onSave({ safetyBarCm, hookCm })} />
      )}
    </Stack>
  );
};
