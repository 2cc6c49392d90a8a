import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { GOAL_DOSES, formatTempo } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { explainBasis, FAMILY_LABELS, FAULT_LABELS, POSITION_LABELS } from '@drubo/core/explain';
import { Figure } from '../../figures/Figure';
import { usualPiece } from '../../figures/held';
import { MovingFigure } from '../../figures/MovingFigure';
import { SPACE } from '../../theme/tokens';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Icon } from '../../ui/icons/Icon';
import { Heading, Txt } from '../../ui/Txt';
import { usePalette } from '../../theme/use-palette';

const FIGURE_HEIGHT = 200;

/** A movement: closed with its figure, open with the figure moving, cues, faults to watch and cautions. */
export const MoveCard = ({ variation, isOpen, onToggle }: { variation: Variation; isOpen: boolean; onToggle(): void }) => {
  const palette = usePalette();
  const { family, name, aliases, startsAt } = variation;
  return (
    <Card>
      <Pressable role="button" aria-expanded={isOpen} aria-label={name} onPress={onToggle} style={styles.row}>
        {!isOpen && <Figure variation={variation} depth={startsAt === 'top' ? 0.92 : 0} width={96} height={96} />}
        <View style={styles.grow}>
          <View style={styles.name}>
            <FamilyGlyph family={family} />
            <Txt kind="small" tone={family}>
              {FAMILY_LABELS[family]}
            </Txt>
          </View>
          <Heading>{name}</Heading>
          <Txt kind="small" tone="quiet">
            Also: {aliases.join(', ')}
          </Txt>
        </View>
        <Icon name={isOpen ? 'up' : 'down'} color={palette.quiet} />
      </Pressable>
      {isOpen && <MoveDetail variation={variation} />}
    </Card>
  );
};

const MoveDetail = ({ variation }: { variation: Variation }) => {
  const [width, setWidth] = useState(0);
  const tempo = variation.tempo ?? GOAL_DOSES['build-muscle'].tempo;
  const reps = variation.repRange ?? GOAL_DOSES['build-muscle'].reps;
  const isOneLeg = variation.stance === 'one-leg';
  return (
    <View style={styles.detail} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <MovingFigure
          variation={variation}
          tempo={tempo}
          reps={reps.high}
          width={width}
          height={FIGURE_HEIGHT}
          held={usualPiece(variation)}
        />
      )}
      <Txt kind="small" tone="quiet">
        Usually {reps.low}–{reps.high} reps{isOneLeg ? ' a side' : ''} at {formatTempo(tempo)} s ·{' '}
        {variation.loadPositions.map((position) => POSITION_LABELS[position]).join(', ')}
        {variation.unloadedAllowed ? ' or bodyweight' : ''}
      </Txt>
      <Lines title="Cues" lines={variation.cues} />
      <Lines title="Watch for" lines={variation.faults.map((fault) => FAULT_LABELS[fault])} />
      <Lines title="Cautions" lines={variation.cautions} />
      <Txt kind="small" tone="quiet">
        Source: {explainBasis(variation.basis)}
      </Txt>
    </View>
  );
};

const Lines = ({ title, lines }: { title: string; lines: readonly string[] }) => (
  <View role="list" aria-label={title}>
    <Heading level={3} kind="label">
      {title}
    </Heading>
    {lines.map((line) => (
      <View role="listitem" key={line}>
        <Txt>{line}</Txt>
      </View>
    ))}
  </View>
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  detail: { gap: SPACE.m },
});
