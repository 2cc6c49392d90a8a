import { formatDay } from '@drubo/words/dates';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ExerciseTrendDto } from '@drubo/contracts';
import { fromKg } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatMass, formatNumber, inSentence, VERDICT_LABELS } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import type { MassUnit, PersonId, SessionId, Side } from '@drubo/core/vocabulary';
import { ChartCard } from '../../charts/ChartCard';
import type { ChartTable } from '../../charts/ChartCard';
import { LineChart } from '../../charts/LineChart';
import type { Series } from '../../charts/LineChart';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { dateOfDay } from '../../ui/days';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { WEEK_OPTIONS } from './TrendsScreen';
import type { Weeks } from './TrendsScreen';
import { common } from '@drubo/words/screens/common';
import { historyWords } from '@drubo/words/screens/history';

const words = historyWords.exerciseTrendScreen;

/** One movement of one person over time: loads, reps, the estimate with its band, reserve, and what was decided. */
export const ExerciseTrendScreen = () => {
  const { personId, variationId } = useLocalSearchParams<{ personId: PersonId; variationId: string }>();
  const [weeks, setWeeks] = useState<Weeks>('26');
  const query = useEndpoint('getExerciseTrend', { params: { personId, variationId }, query: { weeks } });
  const name = findVariation(builtInCatalogue, variationId)?.name ?? variationId;
  return (
    <Screen title={name} beside={query.data?.personName ?? ''} back={`/people/${personId}/trends`}>
      <Choices<Weeks> label={words.howFarBack} options={WEEK_OPTIONS} value={weeks} onChange={setWeeks} />
      <Shown what={words.thisMovement} query={query}>
        {(trend) =>
          trend.points.length === 0 ? (
            <Empty title={words.notDoneInThis} text={words.lookFurtherBackOr} />
          ) : (
            <Body trend={trend} />
          )
        }
      </Shown>
    </Screen>
  );
};

/** Estimates by side as lines; the right leg, where legs are apart, is the dashed one. */
const estimateSeries = ({ points }: ExerciseTrendDto, inUnit: (kg: number) => number): Series[] =>
  (['both', 'left', 'right'] as const).flatMap((side): Series[] => {
    const own = points.flatMap(({ day, oneRepMax }) => {
      const at = oneRepMax[side];
      return at ? [{ day, value: inUnit(at.kg), low: inUnit(at.lowKg), high: inUnit(at.highKg) }] : [];
    });
    const look = side === 'right' ? 'dashed' : 'whole';
    return own.length === 0 ? [] : [{ name: side, points: own, tone: side === 'right' ? 'clay' : 'moss', look }];
  });

const bandWords = (point: ExerciseTrendDto['points'][number], side: Side, unit: MassUnit): string => {
  const at = point.oneRepMax[side];
  return at ? `${formatMass(at.kg, unit)} (${formatMass(at.lowKg, unit)}–${formatMass(at.highKg, unit)})` : '–';
};

const Body = ({ trend }: { trend: ExerciseTrendDto }) => {
  const { unit } = useStudio();
  const { points, gateMetOn } = trend;
  const variation = findVariation(builtInCatalogue, trend.variationId);
  const inUnit = (kg: number): number => Math.round(fromKg(kg, unit) * 10) / 10;
  const isApart = variation !== undefined && isPerSide(variation.stance);
  const estimates = estimateSeries(trend, inUnit);
  const isTimed = points.some(({ seconds }) => seconds !== null);
  const stages = trend.verdicts.filter(({ toVariationId }) => toVariationId !== null);
  const marks = [
    ...gateMetOn.map(({ day }) => ({ day, tone: 'saffron' as const, isDashed: false })),
    ...stages.map(({ day }) => ({ day, tone: 'clay' as const, isDashed: true })),
  ];
  const verdictOf = (sessionId: SessionId) => trend.verdicts.find((verdict) => verdict.sessionId === sessionId);
  const table: ChartTable = {
    head: [
      words.session,
      common.load,
      isTimed ? words.seconds : words.reps,
      common.sets,
      words.inReserve,
      ...(isApart ? [words.left1rm, words.right1rm] : [words.n1rmBand]),
      words.decided,
    ],
    rows: points.map((point) => [
      formatDay(dateOfDay(point.day)),
      point.loadKg === 0 ? 'bodyweight' : formatMass(point.loadKg, unit),
      String((isTimed ? point.seconds : point.reps) ?? '–'),
      String(point.sets),
      point.reserve === null ? words.notAsked : formatNumber(point.reserve),
      ...(isApart ? [bandWords(point, 'left', unit), bandWords(point, 'right', unit)] : [bandWords(point, 'both', unit)]),
      verdictOf(point.sessionId) ? VERDICT_LABELS[verdictOf(point.sessionId)?.verdict ?? 'same-again'] : '–',
    ]),
  };
  const loads: Series[] = [
    {
      name: 'load',
      tone: 'ink',
      look: 'whole',
      points: points.map(({ day, loadKg }) => ({ day, value: inUnit(loadKg) })),
    },
  ];
  const amounts: Series[] = [
    {
      name: 'amount',
      tone: 'ink',
      look: 'whole',
      points: points.flatMap(({ day, reps, seconds }) => {
        const value = isTimed ? seconds : reps;
        return value === null ? [] : [{ day, value }];
      }),
    },
    {
      name: 'reserve',
      tone: 'saffron',
      look: 'dashed',
      points: points.flatMap(({ day, reserve }) => (reserve === null ? [] : [{ day, value: reserve }])),
    },
  ];
  return (
    <Stack gap="m">
      {estimates.length > 0 && (
        <ChartCard
          title={words.estimatedOneRepMaximum(unit)}
          note={words.externalLoadWithA}
          legend={[
            isApart ? words.leftLegRightLeg : null,
            gateMetOn.length > 0 ? words.whatEarnsTheNext : null,
            stages.length > 0 ? words.onToAnotherStage : null,
          ]
            .filter(Boolean)
            .join('   ')}
          table={table}
        >
          {(width) => (
            <LineChart width={width} series={estimates} marks={marks} from="lowest" says={words.estimatedOneRepMaximumOver} />
          )}
        </ChartCard>
      )}
      <ChartCard title={words.heaviestWorkLoad(unit)} table={table} note={words.theHeaviestLoadOf}>
        {(width) => <LineChart width={width} series={loads} marks={marks} says={words.heaviestWorkLoadOver} />}
      </ChartCard>
      <ChartCard title={isTimed ? words.seconds : words.repsAndReserve} legend={words.mostAtThatLoad(isTimed)} table={table}>
        {(width) => (
          <LineChart width={width} series={amounts} says={isTimed ? words.secondsOverTime : words.repsAndReserveOver} />
        )}
      </ChartCard>
      {isApart && <SidesChart trend={trend} />}
      <Decided trend={trend} />
    </Stack>
  );
};

/** How far the left leg lies behind the right, with its error: beyond the band it is more than chance. */
const SidesChart = ({ trend }: { trend: ExerciseTrendDto }) => {
  const compared = trend.points.flatMap(({ day, leftBehind }) => (leftBehind ? [{ day, ...leftBehind }] : []));
  if (compared.length < 2) return null;
  const series: Series[] = [
    {
      name: 'sides',
      tone: 'lunge',
      look: 'whole',
      points: compared.map(({ day, share, error }) => ({
        day,
        value: Math.round(share * 100),
        low: Math.round((share - error) * 100),
        high: Math.round((share + error) * 100),
      })),
    },
  ];
  const table: ChartTable = {
    head: [words.session, words.leftBehindRight, words.giveOrTake],
    rows: compared.map(({ day, share, error }) => [
      formatDay(dateOfDay(day)),
      `${formatNumber(share * 100)} %`,
      `${formatNumber(error * 100)} %`,
    ]),
  };
  return (
    <ChartCard title={words.leftLegBehindRight} note={words.onEstimatedStrengthBelow} table={table}>
      {(width) => <LineChart width={width} series={series} says={words.howFarTheLeft} />}
    </ChartCard>
  );
};

/** What reviews settled on, newest first, each leading to its session. */
const Decided = ({ trend }: { trend: ExerciseTrendDto }) => {
  const router = useRouter();
  if (trend.verdicts.length === 0) return null;
  return (
    <Card>
      <Heading level={2}>{words.decided}</Heading>
      {[...trend.verdicts].reverse().map(({ sessionId, day, verdict, toVariationId }) => (
        <Row key={sessionId} gap="s">
          <Txt style={styles.day}>{formatDay(dateOfDay(day))}</Txt>
          <View style={styles.grow}>
            <VerdictMark verdict={verdict} size="small" />
            {toVariationId !== null && (
              <Txt kind="small">
                {words.onTo(inSentence(findVariation(builtInCatalogue, toVariationId)?.name ?? toVariationId))}
              </Txt>
            )}
          </View>
          <Button
            look="quiet"
            label={words.session}
            says={words.theSessionOf(formatDay(dateOfDay(day)))}
            onPress={() => router.push(`/sessions/${sessionId}`)}
          />
        </Row>
      ))}
    </Card>
  );
};

const styles = StyleSheet.create({
  day: { minWidth: 92 },
  grow: { flexGrow: 1, flexShrink: 1 },
});
