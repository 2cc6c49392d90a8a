import { wasProbe } from '../habit';
import type { DoneSet, Lifter, PastSession } from '../history';
import { ESTIMATOR } from './params';

/** Share of a run that must be contradicted before all of it counts as a habit. House default. */
const CONTRADICTED_SHARE = 0.2;
/** More reps than were said to be possible, by this many, contradict a report. House default. */
const CONTRADICTED_BY_REPS = 2;
/** Later sets count against a report for so many days; after that it may simply be progress. House default. */
const WITHIN_DAYS = 14;

interface Placed {
  day: number;
  /** Place within its session: later sets are more tired, so only sets as late or later can contradict. */
  at: number;
  /** Place in the whole history. */
  order: number;
  set: DoneSet;
  /** Whether it was asked for two reps more, to see whether reports are a habit. */
  isProbe: boolean;
}

/** Who asks: the top of their scale, and the number known to be a habit of theirs, if any. */
export type Reporter = Pick<Lifter, 'reserveCap' | 'habitReserve'>;

/**
 * Drops reports that are a habit, not an observation: ten or more in a row, all the same and below the cap, and
 * contradicted by what was then done at the same load or more; or the number known to be a habit from other lifts. The
 * completed reps stay. Gives the very same list back where nothing is dropped.
 */
export const trustedReports = (
  history: readonly PastSession[],
  { reserveCap, habitReserve }: Reporter,
): readonly PastSession[] => {
  const placed: Placed[] = [];
  for (const { day, sets } of history) {
    const probe = wasProbe(sets) ? sets.at(-1) : undefined;
    for (const [at, set] of sets.entries()) placed.push({ day, at, order: placed.length, set, isProbe: set === probe });
  }
  const reported = placed.filter(({ set }) => set.reserve !== null && !set.failed);
  const dropped = new Set<DoneSet>();
  if (habitReserve !== undefined) for (const { set } of reported) if (set.reserve === habitReserve) dropped.add(set);
  for (let from = 0; from < reported.length;) {
    const reserve = reported[from]?.set.reserve ?? null;
    let to = from;
    while (to < reported.length && reported[to]?.set.reserve === reserve) to += 1;
    const isLong = to - from >= ESTIMATOR.identicalReports && reserve !== null && reserve < reserveCap;
    if (isLong && isContradicted(reported.slice(from, to), placed)) {
      for (const { set } of reported.slice(from, to)) dropped.add(set);
    }
    from = to;
  }
  if (dropped.size === 0) return history;
  return history.map(({ day, sets }) => ({
    day,
    sets: sets.map((set) => (dropped.has(set) ? { ...set, reserve: null } : set)),
  }));
};

/** The reports of a history that were set aside as a habit: the number last given, and how many; null: none. */
export const setAside = (
  history: readonly PastSession[],
  trusted: readonly PastSession[],
): { reserve: number; reports: number } | null => {
  if (trusted === history) return null;
  const dropped = history.flatMap(({ sets }, at) =>
    sets.flatMap(({ reserve }, place) => (reserve !== null && trusted[at]?.sets[place]?.reserve === null ? [reserve] : [])),
  );
  const last = dropped.at(-1);
  return last === undefined ? null : { reserve: last, reports: dropped.length };
};

/** Whether a set done within two weeks after shows that a report was too low. */
const wronged = ({ day, at, order, set }: Placed, all: readonly Placed[]): 'no' | 'yes' | 'by-probe' => {
  const claimed = set.reps + (set.reserve ?? 0) + CONTRADICTED_BY_REPS;
  let found: 'no' | 'yes' = 'no';
  for (let next = order + 1; next < all.length; next += 1) {
    const later = all[next];
    if (!later || later.day - day > WITHIN_DAYS) break;
    if (later.at < at || later.set.loadKg < set.loadKg || later.set.failed) continue;
    // What was done, or what was done and said to be left.
    if (later.isProbe && later.set.reps + (later.set.reserve ?? 0) >= claimed) return 'by-probe';
    if (later.set.reps >= claimed) found = 'yes';
  }
  return found;
};

/** A probe that shows one report wrong shows the habit; otherwise a fifth of the run must be. */
const isContradicted = (run: readonly Placed[], all: readonly Placed[]): boolean => {
  const answers = run.map((one) => wronged(one, all));
  return answers.includes('by-probe') || answers.filter((answer) => answer !== 'no').length >= CONTRADICTED_SHARE * run.length;
};
