import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Ladder, Rung } from '@drubo/core/catalogue';
import { Figure } from '../../figures/Figure';
import { familyTone } from '../../theme/family-tone';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { Row, Stack } from '../../ui/layout';
import { TitledList } from '../../ui/TitledList';
import { Heading, Txt } from '../../ui/Txt';
import { tellingDepth } from '../../parts/moves/MoveRow';
import { settingOf } from '../../parts/moves/setting-of';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.staircase;

/** How far each step stands in from the one below it. */
const TREAD = 14;

/** A ladder as steps rising to the right, read from the bottom up; what stands beside it below. */
export const Staircase = ({ ladder, catalogue, startsOpen }: { ladder: Ladder; catalogue: Catalogue; startsOpen: boolean }) => {
  const palette = usePalette();
  const [isOpen, setOpen] = useState(startsOpen);
  const stages = [...new Set(ladder.rungs.filter(({ aside }) => !aside).map(({ stage }) => stage))].sort((a, b) => b - a);
  const beside = ladder.rungs.filter(({ aside }) => aside);
  const tint = palette[familyTone(ladder.family)];
  return (
    <Card>
      <Pressable
        role="button"
        aria-expanded={isOpen}
        aria-label={`${ladder.name}, ${words.stageCount(stages.length)}`}
        onPress={() => setOpen(!isOpen)}
        style={styles.head}
      >
        <View style={styles.grow}>
          <Heading>{ladder.name}</Heading>
          <Txt kind="small" tone="quiet">
            {words.stageCount(stages.length)}
            {beside.length > 0 ? words.besideIt(beside.length) : ''}
          </Txt>
        </View>
        <Icon name={isOpen ? 'up' : 'down'} color={palette.quiet} />
      </Pressable>
      {isOpen && (
        <>
          <View role="list" aria-label={words.hardestFirst(ladder.name)}>
            {stages.map((stage) => (
              <Row
                key={stage}
                role="listitem"
                aria-label={words.stage(stage)}
                gap="s"
                align="stretch"
                style={[styles.step, { marginLeft: (stage - 1) * TREAD, borderColor: tint }]}
              >
                <Txt kind="small" tone="quiet" style={styles.stage}>
                  {stage}
                </Txt>
                <Stack gap="xs" style={styles.rungs}>
                  {ladder.rungs
                    .filter((rung) => rung.stage === stage && !rung.aside)
                    .map((rung) => (
                      <RungLink key={rung.id} rung={rung} catalogue={catalogue} />
                    ))}
                </Stack>
              </Row>
            ))}
          </View>
          {beside.length > 0 && (
            <TitledList small title={words.besideTheLadder} says={words.beside(ladder.name)} style={styles.beside}>
              {beside.map((rung) => (
                <RungLink key={rung.id} rung={rung} catalogue={catalogue} />
              ))}
            </TitledList>
          )}
        </>
      )}
    </Card>
  );
};

const RungLink = ({ rung, catalogue }: { rung: Rung; catalogue: Catalogue }) => {
  const palette = usePalette();
  const variation = getVariation(catalogue, rung.variationId);
  const setting = settingOf(catalogue, rung);
  return (
    <Link href={`/moves/${variation.id}?rung=${rung.id}`} asChild>
      <Pressable
        role="link"
        aria-label={[variation.name, setting].filter(Boolean).join(', ')}
        style={StyleSheet.flatten([styles.rung, { backgroundColor: palette.ground }])}
      >
        <Figure variation={variation} values={rung.values ?? {}} depth={tellingDepth(variation)} width={60} height={54} bare />
        <View style={styles.grow}>
          <Txt kind="label">{variation.name}</Txt>
          {setting ? (
            <Txt kind="small" tone="quiet">
              {setting}
            </Txt>
          ) : null}
        </View>
      </Pressable>
    </Link>
  );
};

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', minHeight: TARGET.usual },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  // The left edge is the riser, the lower edge the tread of one step.
  step: { borderLeftWidth: 3, borderBottomWidth: 3, padding: SPACE.xs, paddingLeft: SPACE.s },
  stage: { minWidth: 14, paddingTop: SPACE.m },
  rungs: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  rung: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
    minHeight: TARGET.usual,
    borderRadius: RADIUS,
    paddingHorizontal: SPACE.s,
    paddingVertical: 2,
  },
  beside: { gap: SPACE.xs },
});
