import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { StandingDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Ladder, Rung } from '@drubo/core/catalogue';
import type { Access } from '@drubo/core/selection';
import { Figure } from '../../figures/Figure';
import { familyTone } from '../../theme/family-tone';
import { SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Icon } from '../../ui/icons/Icon';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { settingOf } from '../../parts/moves/setting-of';
import { progressOf, shownLines, stoodLine } from '../../parts/moves/standing-words';
import { useStudio } from '../../data/StudioContext';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.personStaircase;

/** How far each step stands in from the one below it. */
const TREAD = 10;

/** One ladder as steps rising to the right; the person's figure stands on theirs, locks say why. */
export const PersonStaircase = ({
  ladder,
  standing,
  startsAt,
  accessOf,
  onPlace,
}: {
  ladder: Ladder;
  standing: StandingDto | null;
  /** The rung a screening starts it on, while nothing has been done yet. */
  startsAt: string | null;
  accessOf(rung: Rung): Access | null;
  onPlace(rung: Rung): void;
}) => {
  const palette = usePalette();
  const { unit } = useStudio();
  const [isOpen, setOpen] = useState(false);
  const rungs = ladder.rungs.filter(({ aside }) => !aside);
  const here = rungs.find(({ id }) => id === (standing?.rungId ?? startsAt));
  const top = Math.max(...rungs.map(({ stage }) => stage));
  const nameOf = (rung: Rung) => findVariation(builtInCatalogue, rung.variationId)?.name ?? rung.variationId;
  const summary = standing
    ? words.stageOf(here ? nameOf(here) : standing.variationId, here?.stage ?? '?', top)
    : here
      ? words.wouldStartAtStage(nameOf(here), here.stage, top)
      : words.notBegun;
  return (
    <Card edge={standing ? 'moss' : undefined}>
      <Pressable
        role="button"
        aria-expanded={isOpen}
        aria-label={`${ladder.name}: ${summary}`}
        onPress={() => setOpen(!isOpen)}
        style={styles.head}
      >
        <View style={styles.grow}>
          <Heading level={3}>{ladder.name}</Heading>
          <Txt kind="small" tone="quiet">
            {summary}
          </Txt>
          {standing && <Txt kind="small">{progressOf(standing, unit)}</Txt>}
        </View>
        <Icon name={isOpen ? 'up' : 'down'} color={palette.quiet} />
      </Pressable>
      {isOpen && standing && <Behind standing={standing} />}
      {isOpen && (
        <View role="list" aria-label={words.hardestFirst(ladder.name)}>
          {[...rungs]
            .sort((a, b) => b.stage - a.stage)
            .map((rung) => {
              const access = accessOf(rung);
              const isHere = rung.id === here?.id;
              const variation = findVariation(builtInCatalogue, rung.variationId);
              const state =
                access?.state === 'locked'
                  ? 'locked'
                  : isHere
                    ? standing
                      ? words.standsHere
                      : words.startsHere
                    : here && rung.stage < here.stage
                      ? words.behindThem
                      : here && rung.stage > here.stage
                        ? words.notEarnedYet
                        : access?.state === 'restricted'
                          ? words.openWithinBounds
                          : 'open';
              const setting = settingOf(builtInCatalogue, rung);
              return (
                <Row
                  key={rung.id}
                  role="listitem"
                  gap="s"
                  style={[styles.step, { marginLeft: (rung.stage - 1) * TREAD, borderColor: palette[familyTone(ladder.family)] }]}
                >
                  {isHere && variation ? (
                    <Figure variation={variation} values={rung.values ?? {}} depth={0.6} width={44} height={52} bare />
                  ) : (
                    <Txt kind="small" tone="quiet" style={styles.stage}>
                      {rung.stage}
                    </Txt>
                  )}
                  <View style={styles.grow}>
                    <Txt kind={isHere ? 'bold' : 'body'}>
                      {nameOf(rung)}
                      {setting ? `, ${setting}` : ''}
                    </Txt>
                    <Txt kind="small" tone={access?.state === 'locked' ? 'clay' : isHere ? 'moss' : 'quiet'}>
                      {state}
                    </Txt>
                  </View>
                  {access && access.state !== 'open' && access.reasons.length > 0 && (
                    <WhyDot about={`${nameOf(rung)}, ${state}`} reasons={access.reasons} />
                  )}
                  {!isHere && access?.state !== 'locked' && (
                    <Button label={words.place} says={words.placeOn(nameOf(rung))} onPress={() => onPlace(rung)} />
                  )}
                </Row>
              );
            })}
        </View>
      )}
    </Card>
  );
};

/** What somebody's stage rests on: what put them there, and the sets behind it. */
const Behind = ({ standing }: { standing: StandingDto }) => {
  const { unit } = useStudio();
  const lines = shownLines(standing, unit);
  return (
    <Stack gap="xs" style={{ paddingBottom: SPACE.s }}>
      <View style={styles.head}>
        <Txt kind="small" style={styles.grow}>
          {stoodLine(standing)}
        </Txt>
        {standing.reasons.length > 0 && <WhyDot about={words.whereTheyStand} reasons={standing.reasons} />}
      </View>
      {lines.length > 0 && (
        <View role="list" aria-label={words.theSetsBehindIt}>
          {lines.map((line) => (
            <Txt key={line} kind="small" tone="quiet" role="listitem">
              {line}
            </Txt>
          ))}
        </View>
      )}
    </Stack>
  );
};

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', minHeight: TARGET.usual, gap: SPACE.s },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  step: { borderLeftWidth: 3, borderBottomWidth: 3, minHeight: TARGET.live, paddingLeft: SPACE.s },
  stage: { minWidth: 20 },
});
