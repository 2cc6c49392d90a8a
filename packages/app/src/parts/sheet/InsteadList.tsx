import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { SheetItemDto } from '@drubo/contracts';
import { getVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { passedOver, substitutesFor } from '@drubo/core/composing';
import type { SheetInput } from '@drubo/core/composing';
import { formatDose, inSentence } from '@drubo/words/explain';
import { formatDifference, formatWhyNot } from '@drubo/words/movement-words';
import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import { swappedIn } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { Figure } from '../../figures/Figure';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Row, Stack } from '../../ui/layout';
import { TitledList } from '../../ui/TitledList';
import { Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.insteadList;

const SHOWN = 6;

/** What could be done instead of an exercise here, ranked, each with what differs and its dose; and what is near but closed. */
export const InsteadList = ({
  item,
  variation,
  content,
  input,
  noHarder = false,
  onSwap,
}: {
  item: SheetItemDto;
  variation: Variation;
  content: DraftSheet;
  input: SheetInput | undefined;
  /** Whether only what is no harder counts: in the middle of a session. */
  noHarder?: boolean;
  onSwap(item: DraftItem, said: string): void;
}) => {
  const explain = useExplain();
  const [isAll, setAll] = useState(false);
  const found = useMemo(() => input && substitutesFor(input, variation), [input, variation]);
  if (!input || !found) return <Txt tone="quiet">{words.readingWhatThisPerson}</Txt>;
  const { catalogue } = input.context;
  const role = content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
  const ranked = found.ranked.filter(
    ({ variationId, differs }) =>
      !content.items.some((other) => other.variationId === variationId) &&
      !(noHarder && differs.some(({ code }) => code === 'harder')),
  );
  const harder = MAIN_FAMILIES.flatMap((slot) =>
    slot === item.slot && !noHarder ? passedOver(input, slot, item.variationId) : [],
  );
  return (
    <Stack gap="m">
      {ranked.length === 0 && <Txt tone="quiet">{words.nothingNearEnoughIs}</Txt>}
      <Stack role="list" aria-label={words.instead} gap="m">
        {ranked.slice(0, isAll ? 24 : SHOWN).map(({ variationId, differs }) => {
          const other = getVariation(catalogue, variationId);
          const made = swappedIn(input, content, item, variation, { variationId, role });
          return (
            <Row role="listitem" key={variationId} gap="s">
              <Figure variation={other} depth={other.startsAt === 'top' ? 0.92 : 0} width={52} height={58} />
              <View style={styles.grow}>
                <Txt kind="bold">{other.name}</Txt>
                <Txt kind="small">{differs.map(formatDifference).join(', ')}</Txt>
                <Txt kind="small" tone="quiet">
                  {formatDose(made.dose, other.stance, role)}
                </Txt>
              </View>
              <Button
                label={words.take}
                says={words.takeInstead(other.name)}
                onPress={() => onSwap(made, words.insteadOf(other.name, inSentence(variation.name)))}
              />
            </Row>
          );
        })}
      </Stack>
      {ranked.length > SHOWN && (
        <Button
          look="quiet"
          label={isAll ? words.fewer : words.all(Math.min(24, ranked.length))}
          onPress={() => setAll(!isAll)}
        />
      )}
      {harder.length > 0 && (
        <TitledList small title={words.stagesAboveClosedNow} style={{ gap: SPACE.xs }}>
          {harder.map(({ variationId, reasons }) => (
            <Txt key={variationId} kind="small">
              {getVariation(catalogue, variationId ?? item.variationId).name}:{' '}
              {explain(reasons)
                .map(({ text }) => text)
                .join(' ')}
            </Txt>
          ))}
        </TitledList>
      )}
      {found.leftOut.length > 0 && (
        <TitledList small title={words.nearButNotOpen} style={{ gap: SPACE.xs }}>
          {found.leftOut.slice(0, 4).map(({ variationId, why }) => (
            <Txt key={variationId} kind="small">
              {getVariation(catalogue, variationId).name}: {formatWhyNot(why)}
            </Txt>
          ))}
        </TitledList>
      )}
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
