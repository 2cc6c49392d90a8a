import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TrendsDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { counted, FAMILY_LABELS } from '@drubo/words/explain';
import { MAIN_FAMILIES } from '@drubo/core/vocabulary';
import type { Family } from '@drubo/core/vocabulary';
import { useEndpoint } from '../../data/use-endpoint';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { formatDay } from '../../ui/days';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useWide } from '../../frame/use-wide';
import { AdherenceChart, BeamChart, LoadChart, MuscleChart, PainChart, SetsChart } from './WeekCharts';

export type Weeks = '8' | '26' | '52' | '260';

export const WEEK_OPTIONS: readonly { value: Weeks; label: string }[] = [
  { value: '8', label: '8 weeks' },
  { value: '26', label: 'Half a year' },
  { value: '52', label: 'A year' },
  { value: '260', label: '5 years' },
];

type FamilyChoice = Family | 'all';

/** One person over time: sets, knee and hip, load, pain, adherence; and every movement with a history. */
export const TrendsScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: string }>();
  const [weeks, setWeeks] = useState<Weeks>('26');
  const [family, setFamily] = useState<FamilyChoice>('all');
  const query = useEndpoint('getTrends', { params: { personId }, query: { weeks } });
  return (
    <Screen title="Trends" beside={query.data?.personName ?? ''} back={`/people/${personId}`}>
      <Choices<Weeks> label="How far back" options={WEEK_OPTIONS} value={weeks} onChange={setWeeks} />
      <Choices<FamilyChoice>
        label="Family"
        options={[{ value: 'all', label: 'All' }, ...MAIN_FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }))]}
        value={family}
        onChange={setFamily}
      />
      <Shown what="the trends" query={query}>
        {(trends) => <Body personId={personId} trends={trends} family={family} />}
      </Shown>
    </Screen>
  );
};

const Body = ({ personId, trends, family }: { personId: string; trends: TrendsDto; family: FamilyChoice }) => {
  const { isWide } = useWide();
  const { weeks } = trends;
  if (weeks.length === 0) {
    return <Empty title="Nothing yet in this time" text="Finish a session, or look further back." />;
  }
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={isWide ? styles.half : undefined}>
        <SetsChart weeks={weeks} family={family === 'all' ? null : family} />
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
const Movements = ({ personId, trends, family }: { personId: string; trends: TrendsDto; family: FamilyChoice }) => {
  const router = useRouter();
  const shown = trends.movements.flatMap((movement) => {
    const variation = findVariation(builtInCatalogue, movement.variationId);
    return variation && (family === 'all' || variation.family === family) ? [{ ...movement, variation }] : [];
  });
  return (
    <Card>
      <Heading level={2}>By movement</Heading>
      {shown.length === 0 && <Txt tone="quiet">None of this family in this time.</Txt>}
      <Stack role="list" aria-label="By movement" gap="xs">
        {shown.map(({ variation, sessions, lastOn }) => (
          <Row key={variation.id} role="listitem" gap="s" style={styles.row}>
            <FamilyGlyph family={variation.family} />
            <View style={styles.grow}>
              <Txt kind="bold">{variation.name}</Txt>
              <Txt kind="small" tone="quiet">
                {counted(sessions, 'session')} · last {formatDay(lastOn)}
              </Txt>
            </View>
            <Button
              label="Look"
              says={`Look at ${variation.name} over time`}
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
