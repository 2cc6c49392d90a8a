import { reason } from '../vocabulary';
import type { EmphasisId, Goal, Reason, TrainingAge } from '../vocabulary';
import type { SheetInput } from './types';

/**
 * Hard sets a week by muscle, weighted by emphasis, until a block of weeks says otherwise. House defaults in the range of
 * common practice: some ten a week for the big muscles once somebody is used to training, fewer for novices.
 */
const WEEKLY: Partial<Record<EmphasisId, number>> = {
  'front-thigh': 9,
  hamstrings: 8,
  glutes: 10,
  adductors: 3,
  'side-hip': 4,
  calves: 5,
  trunk: 4,
};
const BY_AGE: Record<TrainingAge, number> = { novice: 0.65, intermediate: 1, advanced: 1.2 };
const BY_GOAL: Record<Goal, number> = {
  'build-muscle': 1.1,
  'get-stronger': 0.9,
  'move-well': 0.7,
  'fat-loss-and-capacity': 0.9,
  power: 0.8,
};
const WEEK_DAYS = 7;
/** Days a week where nobody asked. */
const USUAL_DAYS = 2;
/** One session holds at most this share of a week. */
const MOST_OF_A_WEEK = 0.6;

/** Muscles that have a target, in order. */
export const TARGET_MUSCLES = Object.keys(WEEKLY) as readonly EmphasisId[];

/** Hard sets a muscle should get in a week. */
export const weeklySets = (muscle: EmphasisId, { goal, trainingAge }: { goal: Goal; trainingAge: TrainingAge }): number =>
  (WEEKLY[muscle] ?? 0) * BY_AGE[trainingAge] * BY_GOAL[goal];

/** The days of this week that were trained, and the sets of a muscle they held. */
const weekOf = (muscle: EmphasisId, { recent = [], day, trainsOn = day }: SheetInput): { days: number; sets: number } => {
  const days = recent.filter((work) => work.day > trainsOn - WEEK_DAYS && work.day < trainsOn);
  return { days: days.length, sets: days.reduce((sum, work) => sum + (work.hardSetsByMuscle[muscle] ?? 0), 0) };
};

/** Hard sets a muscle should get today: what is left of the week, spread over the sessions left of it. */
export const setsWantedToday = (muscle: EmphasisId, input: SheetInput): number => {
  const weekly = weeklySets(muscle, input.context.person);
  const done = weekOf(muscle, input);
  const left = Math.max(1, (input.daysPerWeek ?? USUAL_DAYS) - done.days);
  return Math.min(MOST_OF_A_WEEK * weekly, Math.max(0, weekly - done.sets) / left);
};

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** What each muscle should get today, and what of the week that comes from. */
export const targetReasons = (input: SheetInput): Reason[] =>
  TARGET_MUSCLES.map((emphasis) =>
    reason(
      'week-target',
      {
        emphasis,
        weekly: tenth(weeklySets(emphasis, input.context.person)),
        done: tenth(weekOf(emphasis, input).sets),
        today: tenth(setsWantedToday(emphasis, input)),
      },
      'house-default',
    ),
  );
