import { formatDay } from '@drubo/words/dates';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TrendsDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { FAMILY_LABELS } from '@drubo/words/explain';
import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import type { Family, PersonId } from '@drubo/core/vocabulary';
import { useEndpoint } from '../../data/use-endpoint';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useWide } from '../../frame/use-wide';
import { AdherenceChart, BeamChart, LoadChart, MuscleChart, PainChart, SetsChart } from './WeekCharts';
import { common } from '@drubo/words/screens/common';
import { historyWords } from '@drubo/words/screens/history';

const words = historyWords.trendsScreen;

export type Weeks = '8' | '26' | '52' | '260';

export const WEEK_OPTIONS: readonly { value: Weeks; label: string }[] = [
  { value: '8', label: words.n8Weeks },
  { value: '26', label: words.halfAYear },
  { value: '52', label: words.aYear },
  { value: '260', label: words.n5Years },
];

type FamilyChoice = Family | 'all';

/** One person over time: sets, knee and hip, load, pain, adherence; and every movement with a history. */
export const TrendsScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const [weeks, setWeeks] = useState<Weeks>('26');
  const [family, setFamily] = useState<FamilyChoice>('all');
  const query = useEndpoint('getTrends', { params: { personId }, query: { weeks } });
  return (
    <Screen title={words.trends} beside={query.data?.personName ?? ''} back={`/people/${personId}`}>
      <Choices<Weeks> label={words.howFarBack} options={WEEK_OPTIONS} value={weeks} onChange={setWeeks} />
      <Choices<FamilyChoice>
        label={common.family}
        options={[{ value: 'all', label: words.all }, ...MAIN_FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }))]}
        value={family}
        onChange={setFamily}
      />
      <Shown what={words.theTrends} query={query}>
        {(trends) => <Body personId={personId} trends={trends} family={family} />}
      </Shown>
    </Screen>
  );
};

const Body = ({ personId, trends, family }: { personId: PersonId; trends: TrendsDto; family: FamilyChoice }) => {
  const { isWide } = useWide();
  const { weeks } = trends;
  if (weeks.length === 0) {
    return <Empty title={words.nothingYetInThis} text={words.finishASessionOr} />;
  }
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={isWide ? styles.half : undefined}>
        <SetsChart weeks={weeks} family={family === 'all' ? null : family} planned={trends.planned} />
      </View>
      {family === 'all' && (
        <>
          <View style={isWide ? styles.half : undefined}>
            <MuscleChart weeks={weeks} />
          </View>
          <View style={isWide ? styles.half : undefined}>
            <BeamChart weeks={weeks} />
          </View>
          <View style={isWide ? styles.half : undefined}>
            <LoadChart weeks={weeks} />
          </View>
          <View style={isWide ? styles.half : undefined}>
            <AdherenceChart weeks={weeks} />
          </View>
          <View style={isWide ? styles.half : undefined}>
            <PainChart weeks={weeks} />
          </View>
        </>
      )}
      <View style={isWide ? styles.half : undefined}>
        <Movements personId={personId} trends={trends} family={family} />
      </View>
    </View>
  );
};

/** Every movement with a history in this time, each leading to its own. */
const Movements = ({ personId, trends, family }: { personId: PersonId; trends: TrendsDto; family: FamilyChoice }) => {
  const router = useRouter();
  const shown = trends.movements.flatMap((movement) => {
    const variation = findVariation(builtInCatalogue, movement.variationId);
    return variation && (family === 'all' || variation.family === family) ? [{ ...movement, variation }] : [];
  });
  return (
    <Card>
      <Heading level={2}>{words.byMovement}</Heading>
      {shown.length === 0 && <Txt tone="quiet">{words.noneOfThisFamily}</Txt>}
      <Stack role="list" aria-label={words.byMovement} gap="xs">
        {shown.map(({ variation, sessions, lastOn }) => (
          <Row key={variation.id} role="listitem" gap="s" style={styles.row}>
            <FamilyGlyph family={variation.family} />
            <View style={styles.grow}>
              <Txt kind="bold">{variation.name}</Txt>
              <Txt kind="small" tone="quiet">
                {words.last(sessions, formatDay(lastOn))}
              </Txt>
            </View>
            <Button
              label={common.look}
              says={words.lookAtOverTime(variation.name)}
              onPress={() => router.push(`/people/${personId}/trends/${variation.id}`)}
            />
          </Row>
        ))}
      </Stack>
    </Card>
  );
};

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  narrow: { gap: SPACE.m },
  half: { width: '49%' },
  row: { minHeight: 52 },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
