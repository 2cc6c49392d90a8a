import type { Variation } from '../catalogue';
import { dayNumber } from '../units';
import type { LiftHold, LiftSource, LoadPosition } from '../vocabulary';
import type { RepCurve } from './curve';
import { firstBelief } from './estimator/belief';
import { layOffLoss } from './estimator/new-day';
import { ESTIMATOR } from './estimator/params';
import { KAPPA, STATES, X } from './estimator/types';
import type { Belief, GainClass } from './estimator/types';

/** A lift somebody is known to have done, here or elsewhere, before or beside what is logged. `loadKg`: external, both hands together. */
export interface KnownLift {
  variationId: string;
  loadKg: number;
  reps: number;
  /** Reps left then; null: nobody said, and it is read as if there had been none. */
  reserve: number | null;
  /** Whether load and reps are only roughly known. */
  isAbout: boolean;
  source: LiftSource;
  isClean: boolean;
  /** The day it was done, on the clock of the log, and how many days ago that is. */
  day: number;
  daysAgo: number;
  /** Why it earns no stage; empty: it earns its own. */
  heldBy: readonly LiftHold[];
}

/** Every figure of known lifts. House defaults; eight weeks and half a load are the practice's own. */
export const KNOWN_LIFT = {
  /** How far off it may be by how it is known, log load, and what else adds to that. */
  sd: { seen: 0.05, filmed: 0.06, told: 0.12 },
  aboutSd: 0.06,
  uncleanSd: 0.06,
  reserveUnknownSd: 0.04,
  /** Far from the maximum reps say little: from where a set only bounds strength. */
  manySd: 0.15,
  earnsWithinDays: 56,
  /** First load of a lift that earns nothing yet, of what is believed. */
  unearnedShare: 0.5,
} as const;

/** What happened to a person since; a day not known counts as since. */
export interface Interruption {
  kind: 'injury' | 'birth' | 'operation';
  day: number | null;
}

/**
 * Why a known lift earns no stage: it was only told of, wasn't clean, is older than eight weeks, or lies before an injury, a birth or
 * an operation. Empty: it earns its own.
 * @example liftHolds({ source: 'seen', isClean: true, day: 100 }, 120, []) // []
 */
export const liftHolds = (
  { source, isClean, day }: Pick<KnownLift, 'source' | 'isClean' | 'day'>,
  today: number,
  since: readonly Interruption[],
): LiftHold[] => {
  const interrupted = (kind: Interruption['kind']): boolean =>
    since.some((one) => one.kind === kind && (one.day === null || one.day >= day));
  return [
    ...(source === 'told' ? (['told'] as const) : []),
    ...(isClean ? [] : (['not-clean'] as const)),
    ...(today - day > KNOWN_LIFT.earnsWithinDays ? (['old'] as const) : []),
    ...(interrupted('injury') ? (['injury-since'] as const) : []),
    ...(interrupted('birth') ? (['birth-since'] as const) : []),
    ...(interrupted('operation') ? (['operation-since'] as const) : []),
  ];
};

/** A lift on record as it counts on a day. */
export const liftOn = (
  lift: Omit<KnownLift, 'daysAgo' | 'heldBy'>,
  today: number,
  since: readonly Interruption[],
): KnownLift => ({ ...lift, daysAgo: Math.max(0, today - lift.day), heldBy: liftHolds(lift, today, since) });

/** A person's lifts as they are kept, the latest entry last, and what came between. Days are ISO days. */
export interface LiftsOnRecord {
  lifts: readonly (Omit<KnownLift, 'day' | 'daysAgo' | 'heldBy'> & { on: string })[];
  since: readonly { kind: Interruption['kind']; on: string | null }[];
}

/** Lifts on record as they count on a day. */
export const knownLiftsOn = ({ lifts, since }: LiftsOnRecord, today: string): KnownLift[] => {
  const between = since.map(({ kind, on }) => ({ kind, day: on === null ? null : dayNumber(on) }));
  return lifts.map(({ on, ...lift }) => liftOn({ ...lift, day: dayNumber(on) }, dayNumber(today), between));
};

/** The newest known lift of a movement by the day it was done; of one day the later entry. Null: none. */
export const newestLift = (known: readonly KnownLift[] | undefined, variationId: string): KnownLift | null =>
  (known ?? [])
    .filter((lift) => lift.variationId === variationId)
    .reduce<KnownLift | null>((best, lift) => (best && best.day > lift.day ? best : lift), null);

/** The newest known lift of a movement where it earns its stage; null: none, or it doesn't. */
export const earnedLift = (known: readonly KnownLift[] | undefined, variationId: string): KnownLift | null => {
  const lift = newestLift(known, variationId);
  return lift && lift.heldBy.length === 0 ? lift : null;
};

/**
 * What a known lift says of strength on the day it was done: the maximum by the movement's curve, sure of the load for the reps that
 * were done and less so far from them. Body mass that tells is added as in every belief.
 */
export const beliefFrom = (
  lift: KnownLift,
  { tellingKg, curve, gainClass }: { tellingKg: number; curve: RepCurve; gainClass: GainClass },
): Belief => {
  const reps = Math.max(1, lift.reps + (lift.reserve ?? 0));
  const totalKg = Math.max(1, lift.loadKg + tellingKg);
  const fresh = firstBelief(totalKg, gainClass, curve);
  const mean = [...fresh.mean];
  const cov = [...fresh.cov];
  mean[X] = Math.log(totalKg * (1 + reps / curve.k));
  const lean = reps / (curve.k + reps);
  const own =
    KNOWN_LIFT.sd[lift.source] ** 2 +
    (lift.isAbout ? KNOWN_LIFT.aboutSd ** 2 : 0) +
    (lift.isClean ? 0 : KNOWN_LIFT.uncleanSd ** 2) +
    (lift.reserve === null ? KNOWN_LIFT.reserveUnknownSd ** 2 : 0) +
    (reps > ESTIMATOR.boundOver.held ? KNOWN_LIFT.manySd ** 2 : 0);
  // Another k would give another maximum from the same set: the two are unsure together.
  cov[X * STATES + X] = own + lean ** 2 * curve.kSd ** 2;
  cov[X * STATES + KAPPA] = -lean * curve.kSd ** 2;
  cov[KAPPA * STATES + X] = -lean * curve.kSd ** 2;
  return { mean, cov };
};

/** Strength left of a known lift today, share: what a lay-off of so many days takes. */
export const leftSince = ({ daysAgo }: Pick<KnownLift, 'daysAgo'>): number =>
  daysAgo > ESTIMATOR.layOff.atLeastDays ? Math.exp(-layOffLoss(daysAgo)) : 1;

/** Most anybody is taken to have held in one place, external kg. House defaults: wide enough for anybody, narrow enough for a slip. */
const MOST_KG: Partial<Record<LoadPosition, number>> = {
  none: 0,
  counterweight: 60,
  belly: 120,
  goblet: 100,
  rack: 140,
  'rack-one': 80,
  overhead: 200,
  suitcase: 150,
  sides: 240,
  'between-feet': 200,
  zercher: 250,
  belt: 400,
};
const MOST_BAR_KG = 500;
const MOST_MACHINE_KG = 900;
/** Reps nobody does with a load that leaves none. House default. */
const MOST_REPS_AT_MAX = 30;

/** What can't be about a known lift: the field, and the bound it breaks. */
export type LiftProblem =
  | { field: 'loadKg'; code: 'too-heavy'; most: number }
  | { field: 'reps'; code: 'too-many-at-max'; most: number }
  | { field: 'variationId'; code: 'timed' };

const mostIn = (position: LoadPosition): number => MOST_KG[position] ?? (position === 'machine' ? MOST_MACHINE_KG : MOST_BAR_KG);

/**
 * What can't be about a known lift; empty: it may have been.
 * @example liftProblems(gobletSquat, { loadKg: 500, reps: 3, reserve: null })[0].code // 'too-heavy'
 */
export const liftProblems = (
  { loadPositions, seconds }: Pick<Variation, 'loadPositions' | 'seconds'>,
  { loadKg, reps, reserve }: Pick<KnownLift, 'loadKg' | 'reps' | 'reserve'>,
): LiftProblem[] => {
  const most = Math.max(...loadPositions.map(mostIn));
  return [
    ...(seconds === null ? [] : [{ field: 'variationId', code: 'timed' } as const]),
    ...(loadKg > most ? [{ field: 'loadKg', code: 'too-heavy', most } as const] : []),
    ...(reserve === 0 && loadKg > 0 && reps > MOST_REPS_AT_MAX
      ? [{ field: 'reps', code: 'too-many-at-max', most: MOST_REPS_AT_MAX } as const]
      : []),
  ];
};
