import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { View } from 'react-native';
import type { TrendsDto, TrendWeekDto } from '@drubo/contracts';
import { EMPHASIS_LABELS, FAMILY_LABELS, JOINT_LABELS } from '@drubo/words/explain';
import { EMPHASES, FAMILIES, JOINT_AREAS, MAIN_FAMILIES, reason } from '@drubo/core/vocabulary';
import type { EmphasisId, Family } from '@drubo/core/vocabulary';
import { BalanceBeam } from '../../charts/BalanceBeam';
import { ChartCard } from '../../charts/ChartCard';
import type { ChartTable } from '../../charts/ChartCard';
import { LineChart } from '../../charts/LineChart';
import type { Series } from '../../charts/LineChart';
import { StackedBars } from '../../charts/StackedBars';
import type { StackedBar } from '../../charts/StackedBars';
import type { Palette } from '../../theme/tokens';
import { Choices } from '../../ui/Choices';
import { dateOfDay } from '../../ui/days';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { common } from '@drubo/words/screens/common';
import { historyWords } from '@drubo/words/screens/history';

const words = historyWords.weekCharts;

type Weeks = readonly TrendWeekDto[];

/** Tint of a family; the helpers share one. */
const TONES: Partial<Record<Family, keyof Palette>> = { squat: 'squat', lunge: 'lunge', hinge: 'hinge', bridge: 'bridge' };

const weekName = ({ monday }: TrendWeekDto): string => formatDay(dateOfDay(monday));
const dash = (value: number | null | undefined): string => (value === null || value === undefined ? '–' : String(value));
const percent = (share: number): number => Math.round(share * 100);
const plural = (count: number): string => words.weekCount(count);

type Planned = NonNullable<TrendsDto['planned']>;

/** Where a block begins, and which weeks are lighter, over the bars. */
const marksOf = (planned: Planned): { day: number; text: string }[] =>
  planned.flatMap(({ monday, block, week, isLighter }) =>
    week === 1 ? [{ day: monday, text: words.blockMark(block) }] : isLighter ? [{ day: monday, text: words.lighterMark }] : [],
  );

const planOf = (planned: Planned, monday: number): string => {
  const found = planned.find((one) => one.monday === monday);
  return found ? words.ofBlock(found.block, found.week, found.isLighter) : dash(null);
};

/** Hard sets by family, week by week; by muscle in the table. */
export const SetsChart = ({
  weeks,
  family,
  planned = [],
}: {
  weeks: Weeks;
  family: Family | null;
  planned?: Planned | undefined;
}) => {
  const shown = family === null ? FAMILIES.filter((id) => weeks.some((week) => week.setsByFamily[id])) : [family];
  const stacks = weeks.map((week): StackedBar => ({
    day: week.monday,
    parts: shown.map((id) => ({
      name: id,
      value: week.setsByFamily[id] ?? 0,
      tone: TONES[id] ?? 'quiet',
      isOutlined: !(MAIN_FAMILIES as readonly string[]).includes(id),
    })),
  }));
  const muscles = EMPHASES.filter((id) => weeks.some((week) => week.setsByMuscle[id]));
  const table: ChartTable = {
    head: [
      words.weekOf,
      ...shown.map((id) => FAMILY_LABELS[id]),
      ...(family === null ? muscles.map((id) => EMPHASIS_LABELS[id]) : []),
      ...(planned.length > 0 ? [words.plan] : []),
    ],
    rows: weeks.map((week) => [
      weekName(week),
      ...shown.map((id) => dash(week.setsByFamily[id] ?? 0)),
      ...(family === null ? muscles.map((id) => dash(week.setsByMuscle[id] ?? 0)) : []),
      ...(planned.length > 0 ? [planOf(planned, week.monday)] : []),
    ]),
  };
  const sum = weeks.reduce((all, week) => all + shown.reduce((own, id) => own + (week.setsByFamily[id] ?? 0), 0), 0);
  return (
    <ChartCard
      title={words.hardSetsAWeek}
      note={words.byFamilyFromThe}
      legend={planned.length > 0 ? words.planLegend : undefined}
      table={table}
    >
      {(width) => (
        <StackedBars
          width={width}
          stacks={stacks}
          marks={marksOf(planned)}
          says={words.hardSetsAWeekOver(plural(weeks.length), sum)}
        />
      )}
    </ChartCard>
  );
};

/** Hard sets of one muscle, week by week. */
export const MuscleChart = ({ weeks }: { weeks: Weeks }) => {
  const muscles = EMPHASES.filter((id) => weeks.some((week) => week.setsByMuscle[id]));
  const [chosen, setChosen] = useState<EmphasisId | null>(null);
  const most = [...muscles].sort((a, b) => sumOf(weeks, b) - sumOf(weeks, a))[0];
  const muscle = chosen ?? most;
  if (!muscle) return null;
  const stacks = weeks.map((week): StackedBar => ({
    day: week.monday,
    parts: [{ name: muscle, value: week.setsByMuscle[muscle] ?? 0, tone: 'moss' }],
  }));
  const table: ChartTable = {
    head: [words.weekOf, ...muscles.map((id) => EMPHASIS_LABELS[id])],
    rows: weeks.map((week) => [weekName(week), ...muscles.map((id) => dash(week.setsByMuscle[id] ?? 0))]),
  };
  return (
    <ChartCard title={words.setsOnAMuscle} note={words.hardSetsAWeekWeighted} table={table}>
      {(width) => (
        <>
          <Choices<EmphasisId>
            label={words.muscle}
            options={muscles.map((value) => ({ value, label: EMPHASIS_LABELS[value] }))}
            value={muscle}
            onChange={setChosen}
          />
          <StackedBars width={width} stacks={stacks} says={words.hardSetsOnThe(EMPHASIS_LABELS[muscle], plural(weeks.length))} />
        </>
      )}
    </ChartCard>
  );
};

const sumOf = (weeks: Weeks, muscle: EmphasisId): number =>
  weeks.reduce((sum, week) => sum + (week.setsByMuscle[muscle] ?? 0), 0);

/** Knee-dominant against hip-dominant sets: the beam of all of them, and the share week by week. */
export const BeamChart = ({ weeks }: { weeks: Weeks }) => {
  const counted = weeks.filter(({ kneeSets, hipSets }) => kneeSets + hipSets > 0);
  const [knee, hip] = [weeks.reduce((sum, week) => sum + week.kneeSets, 0), weeks.reduce((sum, week) => sum + week.hipSets, 0)];
  const series: Series[] = [
    {
      name: 'knee',
      tone: 'squat',
      look: 'whole',
      points: counted.map(({ monday, kneeSets, hipSets }) => ({ day: monday, value: percent(kneeSets / (kneeSets + hipSets)) })),
    },
  ];
  const table: ChartTable = {
    head: [words.weekOf, words.kneeSets, words.hipSets],
    rows: weeks.map((week) => [weekName(week), dash(week.kneeSets), dash(week.hipSets)]),
  };
  return (
    <ChartCard
      title={words.kneeAndHip}
      note={words.shareOfKneeDominant(knee, hip)}
      table={table}
      beside={knee + hip > 0 ? <BalanceBeam kneeShare={knee / (knee + hip)} width={96} /> : null}
    >
      {(width) => (
        <LineChart width={width} series={series} top={100} says={words.shareOfKneeDominantSets(plural(weeks.length))} />
      )}
    </ChartCard>
  );
};

/** Session load, and monotony and strain of the weeks that have enough days. */
export const LoadChart = ({ weeks }: { weeks: Weeks }) => {
  const stacks = weeks.map((week): StackedBar => ({
    day: week.monday,
    parts: [{ name: 'load', value: week.load, tone: 'moss' }],
  }));
  const told = weeks.findLast(({ monotony }) => monotony !== null);
  const isPartial = weeks.some(({ sessions, loadSessions }) => loadSessions < sessions);
  const table: ChartTable = {
    head: [words.weekOf, words.sessions, common.load, words.monotony, words.strain],
    rows: weeks.map((week) => [
      weekName(week),
      dash(week.sessions),
      week.loadSessions < week.sessions ? words.of(week.load, week.loadSessions, week.sessions) : dash(week.load),
      dash(week.monotony),
      dash(week.strain),
    ]),
  };
  return (
    <ChartCard
      title={words.loadAWeek}
      note={words.effortMinutes(
        isPartial,
        told ? words.monotonyAndStrainIn(told.monotony, told.strain, weekName(told)) : words.monotonyNeedsThreeTraining,
      )}
      table={table}
      beside={
        told && told.monotony !== null && told.strain !== null ? (
          <WhyDot
            about={words.monotonyAndStrain}
            label={words.why}
            reasons={[
              reason('week-monotony', { monotony: told.monotony, load: told.load, strain: told.strain }, 'session-rpe-foster'),
            ]}
          />
        ) : null
      }
    >
      {(width) => <StackedBars width={width} stacks={stacks} says={words.sessionLoadAWeek(plural(weeks.length))} />}
    </ChartCard>
  );
};

/** Sets done of those planned, and reps that kept their tempo where something measured them. */
export const AdherenceChart = ({ weeks }: { weeks: Weeks }) => {
  const planned = weeks.filter(({ setsPlanned }) => setsPlanned > 0);
  const sensed = weeks.filter(({ tempoKept }) => tempoKept !== null);
  const series: Series[] = [
    {
      name: 'plan',
      tone: 'moss',
      look: 'whole',
      points: planned.map(({ monday, setsPlanned, setsDone }) => ({ day: monday, value: percent(setsDone / setsPlanned) })),
    },
    {
      name: 'tempo',
      tone: 'clay',
      look: 'dashed',
      points: sensed.map(({ monday, tempoKept }) => ({ day: monday, value: percent(tempoKept ?? 0) })),
    },
  ];
  const table: ChartTable = {
    head: [words.weekOf, words.setsPlanned, words.setsDone, words.tempoKept],
    rows: weeks.map((week) => [
      weekName(week),
      dash(week.setsPlanned),
      dash(week.setsDone),
      week.tempoKept === null ? words.notMeasured : `${percent(week.tempoKept)} %`,
    ]),
  };
  return (
    <ChartCard
      title={words.keptToThePlan}
      note={sensed.length === 0 ? words.setsDoneOfThose : words.percent}
      legend={sensed.length === 0 ? undefined : words.setsOfThePlan}
      table={table}
    >
      {(width) => <LineChart width={width} series={series} top={100} says={words.setsDoneOfThosePlanned(plural(weeks.length))} />}
    </ChartCard>
  );
};

/** The worst joint pain of each week: in the sets, and area by area as told before the first. */
export const PainChart = ({ weeks }: { weeks: Weeks }) => {
  const asked = weeks.filter(({ worstPain }) => worstPain !== null);
  const areas = JOINT_AREAS.filter((area) => weeks.some((week) => week.painByArea[area] !== undefined));
  const span = weeks.map(({ monday }) => monday);
  const inSets: Series = {
    name: 'sets',
    tone: 'clay',
    look: 'whole',
    points: asked.map(({ monday, worstPain }) => ({ day: monday, value: worstPain ?? 0 })),
  };
  const before = (area: (typeof areas)[number]): Series => ({
    name: area,
    tone: 'saffron',
    look: 'dashed',
    points: weeks.flatMap(({ monday, painByArea }) => {
      const value = painByArea[area];
      return value === undefined ? [] : [{ day: monday, value }];
    }),
  });
  const table: ChartTable = {
    head: [words.weekOf, words.worstInASet, ...areas.map((area) => words.before(JOINT_LABELS[area]))],
    rows: weeks.map((week) => [
      weekName(week),
      week.worstPain === null ? words.notAsked : String(week.worstPain),
      ...areas.map((area) => dash(week.painByArea[area])),
    ]),
  };
  return (
    <ChartCard title={words.pain} note={words.worstOfEachWeek(asked.length)} table={table}>
      {(width) => (
        <Stack gap="s">
          {areas.length > 0 && <Txt kind="label">{words.inTheSets}</Txt>}
          <LineChart width={width} series={[inSets]} span={span} top={10} says={words.worstPainOfEach(plural(weeks.length))} />
          {areas.map((area) => (
            <View key={area}>
              <Txt kind="label">{words.beforeTheFirstSet(JOINT_LABELS[area])}</Txt>
              <LineChart
                width={width}
                series={[before(area)]}
                span={span}
                top={10}
                tall="low"
                says={words.worstPainOfEachWeek(JOINT_LABELS[area])}
              />
            </View>
          ))}
        </Stack>
      )}
    </ChartCard>
  );
};
