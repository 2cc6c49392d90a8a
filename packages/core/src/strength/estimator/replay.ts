import { curveFor, isReadable, tellingKg } from '../history';
import type { DoneSet, Lifter, PastSession } from '../history';
import { firstBelief, gainClassOf } from './belief';
import { addLearning } from './learning';
import { toNewDay } from './new-day';
import { ESTIMATOR } from './params';
import { NO_OFFSET } from './predict';
import { FRESH, takeSet } from './take-set';
import type { Today } from './take-set';
import { isOpenEnded } from '../open-ended';
import { trustedReports } from './trusted-reports';
import { STATES, X } from './types';
import type { Belief, Observation } from './types';

/**
 * Where a replay stands: what is believed, on which day, and what went into it. Plain data, so it can be stored;
 * `engine` names the figures it was made with, because another engine must replay from the beginning.
 */
export interface Checkpoint {
  engine: string;
  belief: Belief;
  lastDay: number | null;
  /** The last gaps between training days. */
  gapsDays: readonly number[];
  /** Sessions taken in, and how many of their reports were set aside as a habit. */
  sessions: number;
  reportsDropped: number;
}

/** Changes whenever a figure or rule of the estimator does. */
const STRENGTH_ENGINE = 'strength-3';

/** Far from the maximum reps say little of it: a set of so many only bounds it. */
const isManyReps = ({ loadKg, reps }: DoneSet): boolean =>
  reps > (loadKg > 0 ? ESTIMATOR.boundOver.held : ESTIMATOR.boundOver.unloaded);

/** A set as the estimator reads it. */
const observe = (set: DoneSet, lifter: Lifter): Observation => ({
  totalKg: set.loadKg + tellingKg(lifter, set.bodyLoadKg),
  reps: set.reps,
  reserve: set.reserve,
  failed: set.failed,
  onlyAtLeast: (set.onlyAtLeast ?? false) || isManyReps(set),
  context: set.context ?? NO_OFFSET,
  reserveCap: set.reserveCap ?? lifter.reserveCap,
});

/**
 * What is believed before anything was logged. A guess of nothing at all still has to be a load; a prior of a day carries from there,
 * and a log begun before that day says more than it.
 */
export const start = (lifter: Lifter, history: readonly PastSession[] = []): Checkpoint => {
  const firstDay = history[0]?.day;
  const isOutdone = lifter.priorDay !== undefined && firstDay !== undefined && firstDay < lifter.priorDay;
  const prior = isOutdone ? undefined : lifter.prior;
  return { ...beforeAny(lifter, prior), lastDay: prior ? (lifter.priorDay ?? null) : null };
};

const beforeAny = (lifter: Lifter, prior: Belief | undefined): Checkpoint => ({
  engine: STRENGTH_ENGINE,
  belief:
    prior ??
    firstBelief(Math.max(0.5, lifter.startLoadKg + tellingKg(lifter)), gainClassOf(lifter), curveFor(lifter), lifter.startSd),
  lastDay: null,
  gapsDays: [],
  sessions: 0,
  reportsDropped: 0,
});

/** The middle of the last gaps; null before the second session. */
const usualGapDays = (gapsDays: readonly number[]): number | null => {
  if (gapsDays.length === 0) return null;
  const sorted = [...gapsDays].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? (sorted[middle] ?? 0) : ((sorted[middle - 1] ?? 0) + (sorted[middle] ?? 0)) / 2;
};

/** Gaps that tell a person's rhythm; older ones no longer do. House default. */
const GAPS_KEPT = 15;

const withGap = (gapsDays: readonly number[], gap: number): number[] => [...gapsDays.slice(1 - GAPS_KEPT), gap];

/** Moves on to a session's day. Days never go back: an earlier one counts as the same day. */
export const arrive = (from: Checkpoint, day: number, lifter: Lifter): Checkpoint => {
  if (from.lastDay === null) return { ...from, lastDay: day };
  const gapDays = Math.max(0, day - from.lastDay);
  const carried = toNewDay(from.belief, gapDays, usualGapDays(from.gapsDays), gainClassOf(lifter));
  return {
    ...from,
    belief: lifter.isNewToMovement ? addLearning(carried, from.sessions) : carried,
    lastDay: Math.max(day, from.lastDay),
    gapsDays: withGap(from.gapsDays, gapDays),
  };
};

/** Takes in a day's sets in order; unreadable ones are passed over. `onSet` sees what each did. */
export const takeDay = (
  belief: Belief,
  sets: readonly DoneSet[],
  lifter: Lifter,
  onSet?: (set: DoneSet, before: Belief, after: Belief) => void,
): { belief: Belief; today: Today } => {
  let now = { belief, today: FRESH };
  for (const set of sets) {
    if (!isReadable(set, lifter)) continue;
    const carried = now.today.fatigue * (set.fatigueScale ?? 1);
    const next = takeSet(now.belief, observe(set, lifter), { ...now.today, fatigue: carried + (set.sharedFatigue ?? 0) });
    onSet?.(set, now.belief, next.belief);
    now = { belief: next.belief, today: { ...next.today, fatigue: now.today.fatigue + next.added } };
  }
  return now;
};

/** A session that showed no upper end leaves strength less sure: bounds alone would make a low guess look certain. */
const widened = ({ mean, cov }: Belief): Belief => ({
  mean,
  cov: cov.map((value, at) => (at === X * STATES + X ? value + ESTIMATOR.openEndedSd ** 2 : value)),
});

/** Takes in one session: what time did until then, then its sets. */
const takeSession = (from: Checkpoint, { day, sets }: PastSession, lifter: Lifter): Checkpoint => {
  const arrived = arrive(from, day, lifter);
  const { belief } = takeDay(arrived.belief, sets, lifter);
  return {
    ...arrived,
    belief: isOpenEnded([sets], lifter.reserveCap) ? widened(belief) : belief,
    sessions: arrived.sessions + 1,
  };
};

const reportsIn = (sessions: readonly PastSession[]): number =>
  sessions.reduce((sum, { sets }) => sum + sets.filter(({ reserve }) => reserve !== null).length, 0);

/**
 * Replays a history, oldest session first. With a checkpoint of the same history's first sessions only the rest is
 * replayed; where that one no longer holds (another engine, a report since found to be a habit) all of it is.
 */
export const replay = (history: readonly PastSession[], lifter: Lifter, from?: Checkpoint): Checkpoint =>
  replayTrusted(history, trustedReports(history, lifter), lifter, from);

/** The same, where the reports have been looked through already: `trusted` is `history` without the habits. */
export const replayTrusted = (
  history: readonly PastSession[],
  trusted: readonly PastSession[],
  lifter: Lifter,
  from?: Checkpoint,
): Checkpoint => {
  const upTo = from?.sessions ?? 0;
  const dropped = (until: number): number =>
    trusted === history ? 0 : reportsIn(history.slice(0, until)) - reportsIn(trusted.slice(0, until));
  const holds = from && from.engine === STRENGTH_ENGINE && upTo <= history.length && dropped(upTo) === from.reportsDropped;
  let at = holds ? from : start(lifter, history);
  for (const session of trusted.slice(at.sessions)) at = takeSession(at, session, lifter);
  return { ...at, reportsDropped: dropped(history.length) };
};

/**
 * What was believed after each session of a history, in one pass. A report since found to be a habit counts for none of
 * them; apart from that, what came later changes nothing of what stood before.
 */
export const replayEach = (history: readonly PastSession[], lifter: Lifter): Checkpoint[] => {
  let at = start(lifter, history);
  return trustedReports(history, lifter).map((session) => (at = takeSession(at, session, lifter)));
};
