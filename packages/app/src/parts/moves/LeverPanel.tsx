import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { valueAt } from '@drubo/core/knowledge';
import type { Variation } from '@drubo/core/catalogue';
import { formatLeverValue, LEVER_WORDS } from '@drubo/words/movement-words';
import type { LeverId, LeverValues, LoadPosition } from '@drubo/core/vocabulary';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { Row, Stack, Wrap } from '../../ui/layout';
import { NotchRail } from '../../ui/NotchRail';
import { Button } from '../../ui/Button';
import { Heading, Txt } from '../../ui/Txt';
import { partsMovesWords } from '@drubo/words/screens/parts-moves';

const said = partsMovesWords.leverPanel;

const NONE: readonly never[] = [];

/** The settings of a movement: pick one, move it along its rail, and the figure follows. */
export const LeverPanel = ({
  variation,
  values,
  onChange,
  title = said.settings,
  closed = NONE,
}: {
  variation: Variation;
  values: LeverValues;
  onChange(values: LeverValues): void;
  title?: string;
  /** Places where no weight may be held here, and why. */
  closed?: readonly { place: LoadPosition; why: string }[];
}) => {
  const [open, setOpen] = useState<LeverId | null>(variation.levers[0]?.lever ?? null);
  const scale = variation.levers.find(({ lever }) => lever === open) ?? variation.levers[0];
  if (!scale) return null;
  const isMoved = variation.levers.some((one) => valueAt(one, values) !== valueAt(one, {}));
  const words = LEVER_WORDS[scale.lever];
  return (
    <Stack gap="s">
      <Row style={styles.head}>
        <Heading>{title}</Heading>
        {isMoved && <Button look="quiet" label={said.asUsual} says={said.allSettingsBackTo} onPress={() => onChange({})} />}
      </Row>
      <Wrap gap="s">
        {variation.levers.map((one) => {
          const now = formatLeverValue(one.lever, valueAt(one, values), one.unit);
          const { label } = LEVER_WORDS[one.lever];
          return (
            <Chip
              key={one.lever}
              label={`${label}: ${now}`}
              says={said.settingNow(label, now)}
              chosen={one.lever === scale.lever}
              onPress={() => setOpen(one.lever)}
            />
          );
        })}
      </Wrap>
      {scale.lever === 'load-position' ? (
        <Choices
          label={words.label}
          options={scale.steps
            .filter((step) => !closed.some(({ place }) => place === step) || step === valueAt(scale, values))
            .map((step) => ({ value: String(step), label: formatLeverValue(scale.lever, step, scale.unit) }))}
          value={String(valueAt(scale, values))}
          onChange={(place) => onChange({ ...values, 'load-position': place })}
        />
      ) : (
        <NotchRail
          label={words.label}
          ordered={scale.ordered}
          notches={scale.steps.map((step) => formatLeverValue(scale.lever, step, scale.unit))}
          chosen={scale.steps.indexOf(valueAt(scale, values))}
          onChange={(at) => onChange({ ...values, [scale.lever]: scale.steps[at] ?? null })}
        />
      )}
      <Txt kind="small" tone="quiet">
        {words.why}
        {scale.ordered || scale.lever === 'load-position' ? '' : said.sideBySideNone}
      </Txt>
      {scale.lever === 'load-position' &&
        closed.map(({ place, why }) => (
          <Txt key={place} kind="small" tone="quiet">
            {said.not(formatLeverValue('load-position', place, null), why)}
          </Txt>
        ))}
    </Stack>
  );
};

const styles = StyleSheet.create({
  head: { justifyContent: 'space-between', minHeight: 48 },
});
