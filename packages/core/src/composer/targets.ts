import { LIMIT_BANDS } from '../limits';
import { reason } from '../vocabulary';
import type { EmphasisId, Goal, LimitId, Reason } from '../vocabulary';
import type { SheetInput } from './types';
import { NEEDS, SESSION_CAP, WEEKLY } from './weekly-table';
import type { Need, Weekly } from './weekly-table';

/** Goals move what is aimed at by a quarter. */
const BY_GOAL: Partial<Record<Goal, number>> = { 'build-muscle': 1.25, 'move-well': 0.75, power: 0.75 };
/** So does what somebody asked for in their own words. */
const BY_CHIP = 1.25;
const WEEK_DAYS = 7;
/** Days a week and minutes where nobody asked. */
const USUAL = { days: 2, minutes: 45 } as const;
/** One session holds at most this share of a week. */
const MOST_OF_A_WEEK = 0.6;
/** Floors take at most this share of the sets that days and minutes allow, a set with its rest so many minutes. House default. */
const FLOORS = { share: 0.7, minutesPerSet: 3, warmUpMinutes: 6 } as const;
/** A muscle that nearly every main lift trains needs few sets of its own. */
const OWN_SHARE: Partial<Record<Need, number>> = { glutes: 0.5, 'knee-bend': 0 };

/** Muscles that have a target, in order. */
export const TARGET_MUSCLES = NEEDS.filter((need): need is EmphasisId => need !== 'knee-bend');

const tableOf = (need: Need, { context }: SheetInput): Weekly =>
  WEEKLY[need]?.[context.person.trainingAge] ?? { floor: 0, aim: 0, cap: Infinity };

const daysOf = ({ daysPerWeek }: SheetInput): number => daysPerWeek ?? USUAL.days;

/** Floors shrink together where days and minutes don't hold them all. */
const floorsShrink = (input: SheetInput): number => {
  const perDay = Math.max(1, (input.minutes ?? USUAL.minutes) - FLOORS.warmUpMinutes) / FLOORS.minutesPerSet;
  const wanted = NEEDS.reduce((sum, need) => sum + (OWN_SHARE[need] ?? 1) * tableOf(need, input).floor, 0);
  return Math.min(1, (FLOORS.share * perDay * daysOf(input)) / wanted);
};

/** What a sore place asks nothing of. House default. */
const SPARED: Partial<Record<LimitId, readonly Need[]>> = {
  'knee-front': ['front-thigh'],
  'hip-front': ['front-thigh'],
  'hip-outer': ['side-hip', 'glutes'],
  'hamstring-sit-bone': ['hamstrings', 'knee-bend'],
  groin: ['adductors'],
  'low-back-bending': ['hamstrings'],
  'low-back-arching': ['glutes', 'trunk'],
  'ankle-achilles-calf-foot': ['calves'],
};

/** Whether a need has no floor: its area has a limit that restricts. Not asked counts as sore. */
const isSpared = (need: Need, { context }: SheetInput): boolean =>
  context.limits.some(
    ({ limit, severity }) =>
      (severity === null || severity >= LIMIT_BANDS.restrictsFrom) && (SPARED[limit]?.includes(need) ?? false),
  );

/** Hard sets of a week as this person's goal, days and minutes have them. */
export const weekFor = (need: Need, input: SheetInput): Weekly => {
  const { floor, aim, cap } = tableOf(need, input);
  const isAsked = input.chips?.some((chip) => chip.kind === 'emphasis' && chip.emphasis === need) ?? false;
  const aimed = aim * (BY_GOAL[input.context.person.goal] ?? 1) * (isAsked ? BY_CHIP : 1);
  return { floor: isSpared(need, input) ? 0 : floor * floorsShrink(input), aim: Math.min(cap, aimed), cap };
};

/** The days of this week that were trained, and the sets of a need they held. */
const weekOf = (need: Need, { recent = [], day, trainsOn = day }: SheetInput): { days: number; sets: number } => {
  const days = recent.filter((work) => work.day > trainsOn - WEEK_DAYS && work.day < trainsOn);
  const setsOf = (work: (typeof days)[number]): number =>
    (need === 'knee-bend' ? work.kneeBendSets : work.hardSetsByMuscle[need]) ?? 0;
  return { days: days.length, sets: days.reduce((sum, work) => sum + setsOf(work), 0) };
};

/** Sessions without any of it after which a need has been starved. House default. */
const STARVED_AFTER = 2;

/** Whether the last days held work and nothing of a need. */
export const isStarved = (need: Need, { recent = [], day }: SheetInput): boolean => {
  const worked = recent.filter((work) => work.day < day);
  return (
    worked.length >= STARVED_AFTER &&
    worked.every((work) => !(need === 'knee-bend' ? work.kneeBendSets : work.hardSetsByMuscle[need]))
  );
};

/** What is left of the week, spread over the sessions left of it. */
const today = (weekly: number, need: Need, input: SheetInput): number => {
  const done = weekOf(need, input);
  const left = Math.max(1, daysOf(input) - done.days);
  return Math.min(MOST_OF_A_WEEK * weekly, Math.max(0, weekly - done.sets) / left);
};

/** Hard sets a need must get today so that the week does not fall under its floor. */
export const floorToday = (need: Need, input: SheetInput): number =>
  input.planned ? (input.planned.targets[need]?.floor ?? 0) : today(weekFor(need, input).floor, need, input);

/** Hard sets a need should get today. */
export const setsWantedToday = (need: Need, input: SheetInput): number =>
  input.planned ? (input.planned.targets[need]?.aim ?? 0) : today(weekFor(need, input).aim, need, input);

/** How much more than its share of what the cap leaves a session may take, and the sets it may take whatever the share. House defaults. */
const SPREAD = { slack: 1.25, least: 3 } as const;

/** Hard sets a need may get today: what the week's cap leaves, spread over the sessions left of it, and what one session holds. */
export const mostToday = (need: Need, input: SheetInput): number => {
  if (input.planned) return input.planned.targets[need]?.most ?? 0;
  const done = weekOf(need, input);
  const left = weekFor(need, input).cap - done.sets;
  const share = (SPREAD.slack * left) / Math.max(1, daysOf(input) - done.days);
  const session = need === 'glutes' ? SESSION_CAP.glutes : SESSION_CAP.muscle;
  return Math.max(0, Math.min(session, left, Math.max(SPREAD.least, share)));
};

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** What each muscle should get today, and what of the week that comes from. */
export const targetReasons = (input: SheetInput): Reason[] =>
  TARGET_MUSCLES.map((emphasis) =>
    reason(
      'week-target',
      {
        emphasis,
        weekly: tenth(weekFor(emphasis, input).aim),
        done: tenth(weekOf(emphasis, input).sets),
        today: tenth(setsWantedToday(emphasis, input)),
      },
      'house-default',
    ),
  );
