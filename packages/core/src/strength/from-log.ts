import { isDoubtful } from '../log';
import type { SetRecord } from '../log';
import type { LoadPosition, Side, Tempo } from '../vocabulary';
import { FEELERS } from './first/feeler';
import type { DoneSet, PastSession } from './history';
import { fatigueScale, tempoOffset } from './log-context';
import { both, placeOffset } from './place-cost';

/** A session of one exercise as the log has it. */
export interface LoggedExercise {
  day: number;
  sets: readonly SetRecord[];
  tempo: Tempo;
  restSeconds: number;
  /** Where its weight was held; left out: where the set it is read for has it. */
  place?: LoadPosition;
}

/** What the sets are read for: which working leg, and the conditions the next set will have. */
export interface ReadFor {
  side: Side;
  tempo: Tempo;
  place?: LoadPosition;
  /** Share of body mass that moves with the load, 0–1. */
  bodyMassShare: number;
  /** Whether the movement is never done with nothing held. */
  mustBeLoaded?: boolean;
}

/** Top of the reserve scale on the pad. */
export const RESERVE_CAP = 5;

/** Endings after which the legs may have had more: the set bounds strength from below and no more. */
const BOUNDS_ONLY = new Set(['grip', 'pain', 'form', 'interrupted']);

/**
 * A logged set as the estimator reads it, or null where it says nothing of strength: ramp, timed and skill sets, sets
 * with no reps, doubtful ones, and the other leg's.
 */
const doneSet = (
  set: SetRecord,
  logged: Pick<LoggedExercise, 'tempo' | 'restSeconds' | 'place'>,
  read: ReadFor,
): DoneSet | null => {
  if (set.reps === null || set.removed || isDoubtful(set, read.mustBeLoaded)) return null;
  if (set.kind !== 'work' && set.kind !== 'feeler' && set.kind !== 'drop') return null;
  if (set.side !== read.side && set.side !== 'both' && read.side !== 'both') return null;
  const { place: done = read.place } = logged;
  const place = set.externalKg > 0 && done && read.place ? placeOffset(done, read.place) : { shift: 0, sd: 0 };
  const context = both(tempoOffset(logged.tempo, read.tempo), place);
  return {
    setId: set.id,
    loadKg: set.externalKg,
    plannedReps: set.plannedReps ?? set.reps,
    reps: set.reps,
    reserve: set.reserve,
    failed: set.endedBy === 'failure',
    // A set nobody judged carries no rise until a trainer has judged it.
    isClean: set.clean === 'yes' && set.faults.every(({ severity }) => severity === 'note'),
    isUnwatched: set.clean === 'not-judged' && set.faults.length === 0,
    onlyAtLeast: BOUNDS_ONLY.has(set.endedBy) || set.parentSetId !== null,
    context,
    fatigueScale: fatigueScale(set.restBeforeSeconds, logged.restSeconds),
    ...(set.bodyMassKg === null ? {} : { bodyLoadKg: set.bodyMassKg * read.bodyMassShare }),
    ...(set.kind === 'feeler' ? { reserveCap: FEELERS.reserveCap, isLeadIn: true } : {}),
  };
};

/** Feelers come before work sets; within a kind, by index, then in the order they were logged. */
const KIND_ORDER: Record<SetRecord['kind'], number> = { ramp: 0, feeler: 1, work: 2, drop: 3, timed: 4, skill: 5 };
const inOrder = (a: SetRecord, b: SetRecord): number =>
  KIND_ORDER[a.kind] - KIND_ORDER[b.kind] || a.setIndex - b.setIndex || a.deviceSeq - b.deviceSeq;

/** A day's sets of one exercise and leg, in order, as the estimator reads them. */
export const doneSets = (logged: Omit<LoggedExercise, 'day'>, read: ReadFor): DoneSet[] =>
  [...logged.sets].sort(inOrder).flatMap((set) => doneSet(set, logged, read) ?? []);

/** Earlier sessions of one exercise and leg, oldest first; sessions with nothing to read are left out. */
export const pastSessions = (logged: readonly LoggedExercise[], read: ReadFor): PastSession[] =>
  [...logged]
    .sort((a, b) => a.day - b.day)
    .map((session) => ({ day: session.day, sets: doneSets(session, read) }))
    .filter(({ sets }) => sets.length > 0);
