import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { SheetDto, SheetItemDto } from '@drubo/contracts';
import { barSetup, formatTempo } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { formatAim, formatDose, formatLoad, formatRest, formatSets, formatSide, METHOD_LABELS } from '@drubo/core/explain';
import { Figure } from '../../figures/Figure';
import { heldIn } from '../../figures/held';
import { Plates } from '../../charts/Plates';
import { SPACE } from '../../theme/tokens';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { EditItem } from './EditItem';
import { lastTimeLine } from './last-time';
import { settingsLine } from './settings-line';
import { WhyLoad } from './WhyLoad';

/** How low the small figure stands: near its hard end, where a variation is told from another. */
const FIGURE_DEPTH = { top: 0.92, bottom: 0 } as const;

/** One exercise of the sheet: figure, name, numbers, last time; tapping it opens its numbers. */
export const SheetLine = ({ sheet, item }: { sheet: SheetDto; item: SheetItemDto }) => {
  const [isEditing, setEditing] = useState(false);
  const variation = getVariation(builtInCatalogue, item.variationId);
  const { dose } = item;
  const settings = settingsLine(variation, item.values);
  const setup = barSetup(sheet.kit, dose.load, null);
  const canEdit = sheet.state === 'next';
  return (
    <Card>
      <View style={styles.row}>
        <Pressable
          role="button"
          aria-label={`${variation.name}: ${formatDose(dose, variation.stance)}. Change`}
          aria-disabled={!canEdit}
          disabled={!canEdit}
          onPress={() => setEditing(true)}
          style={({ pressed }) => [styles.main, { opacity: pressed ? 0.7 : 1 }]}
        >
          <Figure
            variation={variation}
            depth={FIGURE_DEPTH[variation.startsAt]}
            values={item.values}
            width={76}
            height={84}
            held={heldIn(dose.load)}
          />
          <View style={styles.text}>
            <View style={styles.name}>
              <FamilyGlyph family={variation.family} />
              <Heading level={3} style={styles.shrink}>
                {variation.name}
              </Heading>
            </View>
            <Txt kind="number">{formatLoad(dose.load)}</Txt>
            <Txt>
              {formatSets(dose, variation.stance)}
              {formatAim(dose)} · {`${dose.reserve}\u00a0in\u00a0reserve`}
            </Txt>
            <Txt kind="small" tone="quiet">
              Tempo {formatTempo(dose.tempo)} · rest {formatRest(dose.restSeconds)} · {METHOD_LABELS[item.method].toLowerCase()}
            </Txt>
            {settings ? <Txt kind="small">{settings}</Txt> : null}
            {setup && (
              <View style={styles.name}>
                <Plates setup={setup} />
                <Txt kind="small">{formatSide(setup.side)}</Txt>
              </View>
            )}
            {item.feelers > 0 && (
              <Txt kind="small" tone="saffron">
                {item.feelers} feeler sets first: nobody knows this lift yet.
              </Txt>
            )}
          </View>
        </Pressable>
        <WhyLoad variation={variation} item={item} reasons={item.why.load} />
      </View>
      {item.edited && (
        <Txt kind="small" tone="saffron">
          Changed by you. Proposed: {formatDose(item.proposed, variation.stance)}
        </Txt>
      )}
      <Txt kind="small" tone="quiet">
        {item.lastTime ? `Last time, ${lastTimeLine(item.lastTime, variation.stance)}` : 'Not done here before.'}
      </Txt>
      {item.chosenWhy.length > 0 && (
        <View style={styles.row}>
          <WhyDot about={`${variation.name}, chosen`} label={`Why ${variation.name.toLowerCase()}?`} reasons={item.chosenWhy} />
        </View>
      )}
      {isEditing && <EditItem sheet={sheet} item={item} variation={variation} onClose={() => setEditing(false)} />}
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'flex-start' },
  main: { flexDirection: 'row', gap: SPACE.s, flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0, gap: 2 },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  shrink: { flexShrink: 1 },
});
