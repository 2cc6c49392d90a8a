import { Pressable, StyleSheet, View } from 'react-native';
import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { isDrillRole } from '@drubo/core/vocabulary';
import { asksReserve, barSetup, formatTempo } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import {
  formatAim,
  formatDose,
  formatLoad,
  formatRest,
  formatSets,
  formatSide,
  inSentence,
  METHOD_LABELS,
} from '@drubo/words/explain';
import { Figure } from '../../figures/Figure';
import { heldIn } from '../../figures/held';
import { Plates } from '../../charts/Plates';
import { SPACE } from '../../theme/tokens';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { rampWords } from '../../parts/sheet/ramp-line';
import { useStudio } from '../../data/StudioContext';
import { lastTimeLine } from '../../parts/sheet/last-time';
import { settingsLine } from '../../parts/sheet/settings-line';
import { WhyLoad } from '../../parts/sheet/WhyLoad';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetLine;

/** How low the small figure stands: near its hard end, where a variation is told from another. */
const FIGURE_DEPTH = { top: 0.92, bottom: 0 } as const;

/** One exercise of the sheet: figure, name, numbers, last time; tapping it opens everything about it. */
export const SheetLine = ({
  sheet,
  item,
  isChosen = false,
  isShort = false,
  onOpen,
}: {
  sheet: SheetDto;
  item: SheetItemDto;
  /** The line the keys act on. */
  isChosen?: boolean;
  /** While lines are moved: what it is and how much, no more. */
  isShort?: boolean;
  /** Left out where the sheet is a snapshot. */
  onOpen?: (() => void) | undefined;
}) => {
  const { unit } = useStudio();
  const variation = getVariation(builtInCatalogue, item.variationId);
  const { dose } = item;
  const settings = settingsLine(variation, item.values, dose.load, sheet.kit);
  const setup = barSetup(sheet.kit, dose.load, null);
  const isTimed = dose.seconds !== undefined;
  const block = sheet.blocks.find(({ id }) => id === item.blockId);
  const inTurn = block?.kind === 'rounds';
  const isDrill = isDrillRole(block?.role) || block?.role === 'finisher';
  const isSmall = isShort || isDrill;
  const ramp = rampWords(sheet, item, variation, unit);
  const quiet = [
    ...(isTimed ? [] : [words.tempo(formatTempo(dose.tempo))]),
    ...(inTurn ? [] : [words.rest(formatRest(dose.restSeconds))]),
    ...(isTimed || isDrill ? [] : [inSentence(METHOD_LABELS[item.method])]),
  ];
  return (
    <Card edge={isChosen ? 'moss' : undefined}>
      <Row align="start">
        <Pressable
          role="button"
          aria-label={words.change(variation.name, formatDose(dose, variation.stance, block?.role))}
          aria-disabled={!onOpen}
          disabled={!onOpen}
          onPress={onOpen}
          style={({ pressed }) => [styles.main, { opacity: pressed ? 0.7 : 1 }]}
        >
          <Figure
            variation={variation}
            depth={FIGURE_DEPTH[variation.startsAt]}
            values={item.values}
            width={isSmall ? 48 : 76}
            height={isSmall ? 54 : 84}
            held={heldIn(dose.load)}
          />
          <View style={styles.text}>
            <Row gap="s">
              <FamilyGlyph family={variation.family} />
              <Heading level={3} style={styles.shrink}>
                {variation.name}
              </Heading>
            </Row>
            <Txt kind={dose.load.implements.length > 0 ? 'number' : 'label'}>{formatLoad(dose.load)}</Txt>
            <Txt>
              {formatSets(dose, variation.stance)}
              {formatAim(dose)}
              {asksReserve(dose, block?.role) ? words.inReserve(dose.reserve) : ''}
            </Txt>
            {quiet.length > 0 && !isShort && (
              <Txt kind="small" tone="quiet">
                {quiet.join(' · ')}
              </Txt>
            )}
            {settings && !isShort ? <Txt kind="small">{settings}</Txt> : null}
            {setup && !isShort && (
              <Row gap="s">
                <Plates setup={setup} />
                <Txt kind="small">{formatSide(setup.side)}</Txt>
              </Row>
            )}
            {ramp && !isSmall && <Txt kind="small">{ramp}</Txt>}
            {item.feelers > 0 && !isShort && (
              <Txt kind="small" tone="saffron">
                {words.feelerSetsFirstNobody(item.feelers)}
              </Txt>
            )}
          </View>
        </Pressable>
        {isDrill ? (
          <WhyDot about={words.chosen(variation.name)} reasons={[...item.chosenWhy, ...item.why.reps]} />
        ) : (
          <WhyLoad variation={variation} item={item} reasons={item.why.load} />
        )}
      </Row>
      {item.edited && !isShort && (
        <Txt kind="small" tone="saffron">
          {words.changedByYouProposed(formatDose(item.proposed, variation.stance, block?.role))}
        </Txt>
      )}
      {!isSmall && (
        <Wrap align="center" style={styles.foot}>
          <Txt kind="small" tone="quiet" style={styles.last}>
            {item.lastTime ? words.lastTime(lastTimeLine(item.lastTime, variation.stance)) : words.notDoneHereBefore}
          </Txt>
          {item.chosenWhy.length > 0 && (
            <WhyDot about={words.chosen(variation.name)} label={words.why(inSentence(variation.name))} reasons={item.chosenWhy} />
          )}
        </Wrap>
      )}
    </Card>
  );
};

const styles = StyleSheet.create({
  main: { flexDirection: 'row', gap: SPACE.s, flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0, gap: 2 },
  shrink: { flexShrink: 1 },
  foot: { columnGap: SPACE.m },
  last: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
