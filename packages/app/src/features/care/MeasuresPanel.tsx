import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { FieldsOf, PersonDetailDto } from '@drubo/contracts';
import { toKg } from '@drubo/core';
import { formatMass, formatNumber, inSentence } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Field } from '../../ui/Field';
import { Stack } from '../../ui/layout';
import { lengthFromCm, lengthToCm, lengthUnit, readNumber } from '../../ui/measure';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.measuresPanel;

const LENGTHS = [
  { key: 'heightCm', label: words.height },
  { key: 'thighCm', label: words.thighHipJointTo },
  { key: 'shankCm', label: words.lowerLegKneeTo },
  { key: 'trunkCm', label: words.trunkHipJointTo },
] as const;
type Key = 'massKg' | (typeof LENGTHS)[number]['key'];

const lineOf = (fields: FieldsOf<'measure'>, unit: MassUnit): string =>
  [
    fields.massKg === null ? null : formatMass(fields.massKg, unit),
    ...LENGTHS.map(({ key, label }) => {
      const cm = fields[key];
      return cm === null
        ? null
        : `${inSentence(label.split(',')[0] ?? '')} ${formatNumber(lengthFromCm(cm, unit), 1)} ${lengthUnit(unit)}`;
    }),
  ]
    .filter((part) => part !== null)
    .join(' · ');

/** Body mass, height and, where somebody measures them, the lengths the figures are drawn with; each day is kept. */
export const MeasuresPanel = ({ detail, writer, today }: { detail: PersonDetailDto; writer: PersonWriter; today: string }) => {
  const { unit } = useStudio();
  const [typed, setTyped] = useState<Partial<Record<Key, string>>>({});
  const [isAll, setAll] = useState(false);
  const history = recordsOf(detail.records, 'measure').sort((a, b) => b.fields.on.localeCompare(a.fields.on));
  const numberOf = (key: Key): number | null | undefined => readNumber(typed[key] ?? '');
  const keys: readonly Key[] = ['massKg', ...LENGTHS.map(({ key }) => key)];
  const isGiven = keys.some((key) => typeof numberOf(key) === 'number') && keys.every((key) => numberOf(key) !== undefined);
  const save = async () => {
    const cm = (key: Exclude<Key, 'massKg'>): number | null => {
      const value = numberOf(key);
      return typeof value === 'number' ? lengthToCm(value, unit) : null;
    };
    const mass = numberOf('massKg');
    const isSaved = await writer.saveRecord(newId(), {
      kind: 'measure',
      on: today,
      massKg: typeof mass === 'number' ? toKg(mass, unit) : null,
      heightCm: cm('heightCm'),
      thighCm: cm('thighCm'),
      shankCm: cm('shankCm'),
      trunkCm: cm('trunkCm'),
    });
    if (isSaved) setTyped({});
  };
  const field = (key: Key, label: string, shownUnit: string) => (
    <Field
      key={key}
      label={label}
      unit={shownUnit}
      inputMode="decimal"
      value={typed[key] ?? ''}
      onChangeText={(text) => setTyped({ ...typed, [key]: text })}
      error={numberOf(key) === undefined ? words.mustBeANumber(shownUnit) : undefined}
    />
  );
  return (
    <Card>
      <Heading level={3}>{words.measures}</Heading>
      {field('massKg', words.bodyMass, unit)}
      {LENGTHS.slice(0, isAll ? LENGTHS.length : 1).map(({ key, label }) => field(key, label, lengthUnit(unit)))}
      {!isAll && <Button look="quiet" label={words.lengthsOfLegAnd} onPress={() => setAll(true)} />}
      <Button label={words.saveTodaysMeasures} disabled={!isGiven} busy={writer.isBusy} onPress={() => void save()} />
      <Problem text={writer.problem} />
      {history.length > 0 && (
        <Stack role="list" aria-label={words.measuresOverTime} gap="xs">
          {history.map(({ id, fields }) => (
            <View role="listitem" key={id}>
              <Txt kind="small" tone="quiet">
                {formatDay(fields.on)}: {lineOf(fields, unit)}
              </Txt>
            </View>
          ))}
        </Stack>
      )}
    </Card>
  );
};
