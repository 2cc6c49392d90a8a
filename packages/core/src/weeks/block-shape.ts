import type { RepRange } from '../catalogue';
import { mondayOf } from '../units';
import { reason } from '../vocabulary';
import type { Goal, Reason, TrainingAge } from '../vocabulary';
import { SAME_DAYS } from './role-rules';

/** Loading weeks of a block, and whether a lighter one ends it. House defaults within three to six weeks. */
const LOADING = { firstWeeks: 4, novice: 5, intermediate: 4, advanced: 3 } as const;
/** From here on a lighter week is planned for who has two hard days a week or more. */
const PAST_MONTHS_DAYS = 182;
const LEAST_HARD_DAYS = 2;
/** Reps of the led lifts from block to block. Common practice: heavier as the blocks go by, then again. */
const WAVE: readonly RepRange[] = [
  { low: 8, high: 10 },
  { low: 5, high: 7 },
  { low: 3, high: 5 },
];
/** Share of the weekly aim in the first and in the last loading week. House default. */
const RAMP = { first: 0.86, last: 1.14 } as const;
/** Share of it in a lighter week: sets by two fifths down. Common practice. */
const LIGHTER = 0.6;
/** Sets a session may hold over the usual at most, whatever the week. House default. */
const MOST_MORE = 3;

/** What shapes a block beside its days. */
export interface ShapedBy {
  goal: Goal;
  trainingAge: TrainingAge;
  isCareful: boolean;
  hardDays: number;
  /** Days from the week of the first session to the block's start; null: no session yet. */
  daysTrained: number | null;
  number: number;
  /** Reps of the led lifts in the block before; null: the goal's own, or there was none. */
  zoneBefore: RepRange | null;
}

/** A week before it has days. */
export interface WeekShape {
  kind: 'loading' | 'lighter';
  ramp: number;
  moreSets: number;
  why: readonly Reason[];
}

/** Days from the week of the first session to a day: blocks begin on Mondays, and the first week counts whole. */
export const daysInTraining = (firstDay: number | null, day: number): number | null =>
  firstDay === null ? null : day - mondayOf(firstDay);

/** Whether the first weeks still last, in which the same lifts come again each time. */
export const isNewTo = (daysTrained: number | null): boolean => (daysTrained ?? 0) < SAME_DAYS;

/** Whether a lighter week is planned at a block's end. */
const endsLighter = ({ trainingAge, hardDays, daysTrained }: ShapedBy): boolean =>
  hardDays >= LEAST_HARD_DAYS && (trainingAge !== 'novice' || (daysTrained ?? 0) >= PAST_MONTHS_DAYS);

/** A week that asks less, after so many that asked more. */
export const lighterShape = (weeks: number): WeekShape => ({
  kind: 'lighter',
  ramp: LIGHTER,
  moreSets: 0,
  why: [reason('week-lighter', { weeks, percent: Math.round(100 * (1 - LIGHTER)) }, 'common-practice')],
});

/** The weeks of a block: each asks a little more than the last, then perhaps one asks less. */
export const weekShapes = (by: ShapedBy): WeekShape[] => {
  const loading = isNewTo(by.daysTrained) ? LOADING.firstWeeks : LOADING[by.trainingAge];
  const weeks = Array.from({ length: loading }, (_, at): WeekShape => {
    const ramp = RAMP.first + ((RAMP.last - RAMP.first) * at) / (loading - 1);
    const percent = Math.round(100 * ramp);
    return {
      kind: 'loading',
      ramp,
      moreSets: Math.min(MOST_MORE, at),
      why: [reason('week-loads', { week: at + 1, weeks: loading, percent }, 'house-default')],
    };
  });
  return endsLighter(by) ? [...weeks, lighterShape(loading)] : weeks;
};

/** Where in the wave some reps stand; -1: nowhere. */
const inWave = (zone: RepRange | null): number => WAVE.findIndex(({ low, high }) => low === zone?.low && high === zone.high);

/** The reps that come so many blocks after others; where those stand outside of the wave, it begins. */
const along = (zone: RepRange | null, by: number): RepRange | null =>
  WAVE[(inWave(zone) + by + WAVE.length) % WAVE.length] ?? null;

/** The reps of the block before one of these; null: that one began the wave or stands outside of it. */
export const zoneBeforeOf = (zone: RepRange | null): RepRange | null => (inWave(zone) <= 0 ? null : along(zone, -1));

/** Reps of a block's led lifts: they wave for who wants to be stronger and may, the lightest first; null: the goal's own. */
export const zoneOf = ({ goal, isCareful, daysTrained, zoneBefore }: ShapedBy): RepRange | null =>
  goal !== 'get-stronger' || isCareful || isNewTo(daysTrained) ? null : along(zoneBefore, 1);

/** Whether a block begins by looking for what somebody can do now: after a lighter week, for who trains for strength and may. */
export const isTestedAt = (by: ShapedBy): boolean =>
  by.number > 0 &&
  (by.goal === 'get-stronger' || by.goal === 'power') &&
  !by.isCareful &&
  !isNewTo(by.daysTrained) &&
  endsLighter(by);
