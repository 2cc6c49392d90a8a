import { leansTo } from '../composer';
import { isHardKind } from '../log';
import { keptOnAverage } from '../sensing';
import { mondayOf } from '../units';
import { EMPHASES } from '../vocabulary';
import { monotonyOf } from './monotony';
import type { TrendExercise, TrendSession, TrendWeek } from './types';

/** So many in reserve at most make a set hard; one nobody asked about counts. Common practice. */
const HARD_RESERVE = 4;

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Sets done of an exercise: both legs of one-sided work share one. */
const setsDone = ({ sets }: TrendExercise, isCounted: (reserve: number | null) => boolean): number =>
  new Set(sets.filter(({ kind, reserve }) => isHardKind(kind) && isCounted(reserve)).map(({ setIndex }) => setIndex)).size;

const addTo = <K extends string>(sums: Partial<Record<K, number>>, key: K, more: number): void => {
  sums[key] = (sums[key] ?? 0) + more;
};

const highest = (values: readonly number[]): number | null => (values.length === 0 ? null : Math.max(...values));

const addExercise = (week: TrendWeek, exercise: TrendExercise): void => {
  const { variation, dose, sets } = exercise;
  const hard = setsDone(exercise, (reserve) => reserve === null || reserve <= HARD_RESERVE);
  if (hard > 0) addTo(week.setsByFamily, variation.family, hard);
  for (const muscle of EMPHASES) {
    const share = variation.emphasis[muscle] ?? 0;
    if (share > 0 && hard > 0) addTo(week.setsByMuscle, muscle, share * hard);
  }
  const leans = leansTo(variation);
  if (leans === 'knee') week.kneeSets += hard;
  if (leans === 'hip') week.hipSets += hard;
  week.setsPlanned += dose.sets;
  week.setsDone += Math.min(
    dose.sets,
    setsDone(exercise, () => true),
  );
  const pain = highest(sets.flatMap(({ jointPain }) => jointPain ?? []));
  if (pain !== null) week.worstPain = Math.max(week.worstPain ?? 0, pain);
};

const weekOf = (monday: number, sessions: readonly TrendSession[]): TrendWeek => {
  const week: TrendWeek = {
    monday,
    sessions: sessions.length,
    setsByFamily: {},
    setsByMuscle: {},
    kneeSets: 0,
    hipSets: 0,
    load: 0,
    loadSessions: 0,
    monotony: null,
    strain: null,
    setsPlanned: 0,
    setsDone: 0,
    tempoKept: null,
    worstPain: null,
    painByArea: {},
  };
  const daily = new Array<number>(7).fill(0);
  for (const { day, effort, minutes, exercises, joints } of sessions) {
    exercises.forEach((exercise) => addExercise(week, exercise));
    for (const { area, pain } of joints ?? []) week.painByArea[area] = Math.max(week.painByArea[area] ?? 0, pain);
    if (effort === null || minutes === null) continue;
    week.load += effort * minutes;
    week.loadSessions += 1;
    daily[day - monday] = (daily[day - monday] ?? 0) + effort * minutes;
  }
  // A week with a session of unknown load has no spread worth naming.
  const isKnown = week.loadSessions === sessions.length;
  week.monotony = isKnown ? monotonyOf(daily) : null;
  week.strain = week.monotony === null ? null : Math.round(week.load * week.monotony);
  for (const muscle of EMPHASES) {
    const sum = week.setsByMuscle[muscle];
    if (sum !== undefined) week.setsByMuscle[muscle] = tenth(sum);
  }
  const kept = sessions
    .flatMap(({ exercises }) => exercises)
    .flatMap(({ dose, sets }) => sets.flatMap(({ tempoMeasured }) => keptOnAverage(dose.tempo, tempoMeasured) ?? []));
  week.tempoKept = kept.length === 0 ? null : kept.filter(Boolean).length / kept.length;
  return week;
};

/**
 * Sessions summed by week, oldest first, weeks without any between them too. Nothing done: no weeks.
 * @example trendWeeks([{ day: 20_000, effort: 7, minutes: 40, exercises: [], joints: null }])[0].load // 280
 */
export const trendWeeks = (sessions: readonly TrendSession[]): TrendWeek[] => {
  const byWeek = new Map<number, TrendSession[]>();
  for (const session of sessions) {
    const monday = mondayOf(session.day);
    byWeek.set(monday, [...(byWeek.get(monday) ?? []), session]);
  }
  const mondays = [...byWeek.keys()];
  if (mondays.length === 0) return [];
  const [first, last] = [Math.min(...mondays), Math.max(...mondays)];
  const count = (last - first) / 7 + 1;
  return Array.from({ length: count }, (_, at) => weekOf(first + 7 * at, byWeek.get(first + 7 * at) ?? []));
};
