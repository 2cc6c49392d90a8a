import type { Variation } from '../catalogue/types';
import { isPerSide, reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import { secondsPerRep } from './tempo';
import { repsTop } from './types';
import type { Dose } from './types';

/** Seconds to put one exercise away and walk to the next. House default. */
export const CHANGEOVER_SECONDS = 45;
/** Seconds to change a load and settle, for a ramp or feeler set besides its reps. House default. */
const LEAD_IN_SECONDS = 60;
/** Seconds from one exercise of a pair or circuit to the next. House default. */
export const STATION_SECONDS = 10;

/** One exercise of a sheet as time needs it. Feeler and ramp sets come before the work sets. */
export interface TimedItem {
  dose: Dose;
  variation: Pick<Variation, 'stance' | 'setUpSeconds' | 'seconds'>;
  feelers?: number;
  ramps?: number;
}

/** Straight sets one exercise after another, pairs and circuits that go round, or one timed finisher. */
export interface TimedBlock {
  kind: 'straight' | 'rounds';
  items: readonly TimedItem[];
  /** Rest after each round but the last, s. Only for `rounds`; each item's own rest is then not taken. */
  roundRestSeconds?: number;
}

/**
 * Seconds of one set under tension, both sides of one-sided work together; a timed movement by its seconds.
 * @example setSeconds({ ...dose, repsHigh: 10 }, splitSquat) // 10 reps × 4 s × 2 sides = 80
 */
export const setSeconds = (
  dose: Pick<Dose, 'repsHigh' | 'repsBeyond' | 'tempo' | 'seconds'>,
  variation: Pick<Variation, 'stance'> & Partial<Pick<Variation, 'seconds'>>,
): number =>
  (dose.seconds ?? variation.seconds?.high ?? repsTop(dose) * secondsPerRep(dose.tempo)) * (isPerSide(variation.stance) ? 2 : 1);

const leadInSeconds = ({ feelers = 0, ramps = 0 }: TimedItem): number => (feelers + ramps) * LEAD_IN_SECONDS;

/** Seconds of one exercise: set-up, lead-in sets, its sets at the top of the range, rest between sets. */
export const exerciseSeconds = ({ dose, variation, feelers = 0, ramps = 0 }: TimedItem): number =>
  variation.setUpSeconds +
  leadInSeconds({ dose, variation, feelers, ramps }) +
  dose.sets * setSeconds(dose, variation) +
  Math.max(0, dose.sets - 1 + (feelers > 0 ? 1 : 0)) * dose.restSeconds;

/**
 * Seconds of work and rest of a pair or circuit: every round one set of each, a rest between rounds. Set-up apart.
 * @example four drills of 10 × 9 s, 4 rounds, 60 s between: 1620
 */
export const roundsSeconds = (items: readonly TimedItem[], roundRestSeconds: number): number => {
  const rounds = Math.max(0, ...items.map(({ dose }) => dose.sets));
  const work = items.reduce((sum, { dose, variation }) => sum + dose.sets * setSeconds(dose, variation), 0);
  return work + Math.max(0, rounds - 1) * roundRestSeconds;
};

/** Seconds of a block: straight exercises with changeovers, or rounds with every item set up once. */
export const blockSeconds = ({ kind, items, roundRestSeconds = 0 }: TimedBlock): number => {
  if (kind === 'straight') {
    return items.reduce((sum, item) => sum + exerciseSeconds(item), 0) + Math.max(0, items.length - 1) * CHANGEOVER_SECONDS;
  }
  const setUp = items.reduce((sum, item) => sum + item.variation.setUpSeconds + leadInSeconds(item), 0);
  const changes = items.reduce((sum, { dose }) => sum + dose.sets, 0) * STATION_SECONDS;
  return setUp + changes + roundsSeconds(items, roundRestSeconds);
};

/** Whole minutes a session of blocks takes, rounded up, with a changeover between two. Nothing: 0. */
export const sessionMinutes = (blocks: readonly TimedBlock[], pace = 1): number => {
  const work = blocks.reduce((sum, block) => sum + blockSeconds(block), 0);
  return Math.ceil((pace * (work + Math.max(0, blocks.length - 1) * CHANGEOVER_SECONDS)) / 60);
};

/** Whole minutes a sheet of straight exercises takes, rounded up. No items: 0. */
export const sheetMinutes = (items: readonly TimedItem[], pace = 1): number =>
  sessionMinutes([{ kind: 'straight', items }], pace);

const tenth = (seconds: number): number => Math.round(seconds / 6) / 10;

/** What the minutes of a session are made of, as a reason. They are rounded up to whole minutes in all. */
export const minutesReason = (blocks: readonly TimedBlock[]): Reason => {
  const items = blocks.flatMap((block) => block.items);
  const sum = (of: (item: TimedItem) => number): number => items.reduce((total, item) => total + of(item), 0);
  const total = blocks.reduce((seconds, block) => seconds + blockSeconds(block), 0);
  const setUp = sum(({ variation }) => variation.setUpSeconds);
  const work = sum(({ dose, variation }) => dose.sets * setSeconds(dose, variation));
  const leadIn = sum(leadInSeconds);
  const stations = blocks.map(({ kind, items: inBlock }) =>
    kind === 'straight'
      ? Math.max(0, inBlock.length - 1) * CHANGEOVER_SECONDS
      : inBlock.reduce((seconds, { dose }) => seconds + dose.sets * STATION_SECONDS, 0),
  );
  const within = stations.reduce((seconds, one) => seconds + one, 0);
  return reason(
    'minutes-sum',
    {
      exercises: items.length,
      setUpMinutes: tenth(setUp),
      leadInMinutes: tenth(leadIn),
      workMinutes: tenth(work),
      restMinutes: tenth(total - setUp - leadIn - work - within),
      changeMinutes: tenth(within + Math.max(0, blocks.length - 1) * CHANGEOVER_SECONDS),
    },
    'house-default',
  );
};

/** Bounds of a person's own pace, so that one odd day can't double a plan. House default. */
const PACE = { least: 0.7, most: 1.3, sessions: 3 } as const;

/**
 * A person's own pace: the median of real over planned minutes. 1 while fewer than three sessions are known.
 * @example ownPace([{ plannedMinutes: 40, realMinutes: 50 }, …]) // 1.25
 */
export const ownPace = (sessions: readonly { plannedMinutes: number; realMinutes: number }[]): number => {
  const ratios = sessions
    .filter(({ plannedMinutes, realMinutes }) => plannedMinutes > 0 && realMinutes > 0)
    .map(({ plannedMinutes, realMinutes }) => realMinutes / plannedMinutes)
    .sort((a, b) => a - b);
  if (ratios.length < PACE.sessions) return 1;
  const middle = ratios.length >> 1;
  const median = ratios.length % 2 === 1 ? (ratios[middle] ?? 1) : ((ratios[middle - 1] ?? 1) + (ratios[middle] ?? 1)) / 2;
  return Math.min(PACE.most, Math.max(PACE.least, median));
};
