import { mustBeLoaded } from '../catalogue';
import type { Variation } from '../catalogue';
import type { Dose } from '../dose';
import { limitOn } from '../limits';
import {
  chooseNext,
  isEstimable,
  lifterFor,
  newestLift,
  pastSessions,
  predict,
  replay,
  replayEach,
  tellingKg,
} from '../strength';
import type { Checkpoint, LoggedExercise, NextSetContext, PastSession } from '../strength';
import { isPerSide } from '../vocabulary';
import type { Load } from '../kit';
import type { CarefulCause, LimitState, LoadPosition, Reason, Side } from '../vocabulary';
import { mayGoBeyond } from './may-go-beyond';
import type { DoneExercise, ExerciseLog, PastExercise } from './types';

/** What the estimator is asked with: everything a log has but this session's own sets. */
export type EstimateFrom = Pick<ExerciseLog, 'variation' | 'values' | 'dose' | 'loads' | 'context' | 'past'>;

/** Load and reps the estimator would take, and why; `side` says which leg it was worked out on. */
export interface Estimated {
  loadKg: number;
  reps: number;
  kind: ReturnType<typeof chooseNext>['choice']['kind'];
  reasons: readonly Reason[];
  side: Side;
}

/** Where the weight of a dose is held; with nothing planned in the hands, where the movement has it. */
const placeOf = ({ load }: Dose, variation: Variation): LoadPosition =>
  load.position === 'none' ? (variation.loadPositions[0] ?? 'none') : load.position;

const logged =
  (variation: Variation) =>
  ({ day, sets, dose }: DoneExercise): LoggedExercise => ({
    day,
    sets,
    tempo: dose.tempo,
    restSeconds: dose.restSeconds,
    place: placeOf(dose, variation),
  });

/** The working legs of a movement, each judged on its own sets. */
export const sidesOf = ({ variation }: Pick<ExerciseLog, 'variation'>): readonly Side[] =>
  isPerSide(variation.stance) ? ['left', 'right'] : ['both'];

/** What a history is read from; without a context nothing but the log is known. */
type HistoryFrom = Pick<EstimateFrom, 'variation' | 'dose'> & {
  past: readonly DoneExercise[];
  context?: EstimateFrom['context'];
};

/** What was logged since the newest lift seen elsewhere: by the day it was done, the newest wins. One only told of outdoes no log. */
const sinceLift = ({ variation, past, context }: HistoryFrom): readonly DoneExercise[] => {
  const lift = newestLift(context?.person.known, variation.id);
  return lift && lift.source !== 'told' ? past.filter(({ day }) => day >= lift.day) : past;
};

/** One leg's sessions as the estimator reads them, oldest first. */
export const historyOf = (from: HistoryFrom, side: Side): PastSession[] =>
  pastSessions(sinceLift(from).map(logged(from.variation)), {
    side,
    tempo: from.dose.tempo,
    place: placeOf(from.dose, from.variation),
    bodyMassShare: from.variation.bodyMassShare,
    mustBeLoaded: mustBeLoaded(from.variation),
  });

/** One leg's history and where its replay stands. */
interface Replayed {
  history: readonly PastSession[];
  at: Checkpoint;
}

const replays = new WeakMap<readonly PastExercise[], Map<string, Replayed>>();

/**
 * One leg's history, replayed. Kept for the list of sessions it was made of: a verdict and the advice after every set ask
 * for it again, and the same sessions always give the same.
 */
export const replayedFor = (from: Pick<EstimateFrom, 'variation' | 'dose' | 'past' | 'context'>, side: Side): Replayed => {
  const { variation, dose, context } = from;
  const { trainingAge, massKg, habitReserve, known } = context.person;
  const lift = newestLift(known, variation.id);
  const key = [
    side,
    variation.id,
    JSON.stringify([dose.tempo, placeOf(dose, variation), lift]),
    trainingAge,
    massKg,
    habitReserve,
  ].join();
  const kept = replays.get(from.past) ?? new Map<string, Replayed>();
  replays.set(from.past, kept);
  const found = kept.get(key);
  if (found) return found;
  const history = historyOf(from, side);
  const made = { history, at: replay(history, lifterFor(variation, context.person)) };
  kept.set(key, made);
  return made;
};

const withTodayOf = new WeakMap<ExerciseLog, readonly PastExercise[]>();

/** Earlier sessions and this one, as one list; the same list for the same log. */
export const withToday = (log: ExerciseLog): readonly PastExercise[] => {
  const kept = withTodayOf.get(log);
  if (kept) return kept;
  const made = [...log.past, { sessionId: '', day: log.day, dose: log.dose, values: log.values, sets: log.sets }];
  withTodayOf.set(log, made);
  return made;
};

const HOLDS_BACK: ReadonlySet<LimitState> = new Set(['locked', 'restricted']);

/** Why a movement's load rises slowly: what is known of the person, or a limit that holds the movement back; null: nothing. */
export const carefulCause = ({ variation, context }: Pick<EstimateFrom, 'variation' | 'context'>): CarefulCause | null => {
  const [cause] = context.careful ?? [];
  if (cause) return cause;
  return context.limits.some((limit) => HOLDS_BACK.has(limitOn(variation, [limit]).state)) ? 'limit' : null;
};

/** Bars and machines rise by so much a session at most once the lift is known. House default. */
const BAR_RISE = 0.05;

const isBarOrMachine = (loads: readonly Load[]): boolean =>
  loads.some(({ implements: pieces }) => pieces.some(({ type }) => type === 'bar' || type === 'trap-bar' || type === 'machine'));

/** A movement never done begins from what its plan carried over, where that is more than its own first guess. */
const beganWith = ({ past, variation, context }: EstimateFrom, dose: Dose): { startLoadKg?: number } => {
  const { startLoadKg } = lifterFor(variation, context.person);
  return past.length === 0 && dose.load.externalKg > startLoadKg ? { startLoadKg: dose.load.externalKg } : {};
};

/** The question put to the estimator for a set of one leg on a day. */
export const askFor = (from: EstimateFrom, dose: Dose, day: number): NextSetContext => ({
  ...lifterFor(from.variation, from.context.person),
  ...beganWith(from, dose),
  day,
  setIndex: 0,
  today: [],
  target: { sets: dose.sets, repsLow: dose.repsLow, repsHigh: dose.repsHigh, reserve: dose.reserve },
  loadsKg: from.loads.map(({ externalKg }) => externalKg),
  cautious: carefulCause(from) !== null,
  sessionRise: isBarOrMachine(from.loads) ? { by: 'share', most: BAR_RISE } : { by: 'step' },
  jumpOn: from.variation.jumpOn,
  mayGoBeyond: mayGoBeyond(from),
});

/**
 * Load and reps for the first set of `day`, from every earlier session: of two legs, the weaker decides. Null where
 * there is nothing to say yet: no kit, nothing logged, or work the estimator doesn't read.
 */
export const estimateFor = (from: EstimateFrom, dose: Dose, day: number): Estimated | null => {
  if (!isEstimable(from.variation) || from.loads.length === 0) return null;
  const found = sidesOf(from).flatMap((side): Estimated[] => {
    const { history, at } = replayedFor(from, side);
    if (history.length === 0) return [];
    const { choice, reasons } = chooseNext(history, { ...askFor(from, dose, day), checkpoint: at });
    return [{ loadKg: choice.loadKg, reps: choice.reps, reasons, kind: choice.kind, side }];
  });
  return [...found].sort((a, b) => a.loadKg - b.loadKg || a.reps - b.reps)[0] ?? null;
};

/** Reps to failure the belief expects at a load, this session included; null where it has nothing to say. */
export const predictedReps = (log: ExerciseLog, externalKg: number): number | null => {
  if (!isEstimable(log.variation)) return null;
  const from = { ...log, past: withToday(log) };
  const found = sidesOf(log).flatMap((side) => {
    const { history, at } = replayedFor(from, side);
    const totalKg = externalKg + tellingKg(lifterFor(log.variation, log.context.person));
    return history.length === 0 || totalKg <= 0 ? [] : [predict(at.belief, totalKg, 0).reps];
  });
  return found.length === 0 ? null : Math.min(...found);
};

/** Log strength believed after each session, oldest first, this one included; of two legs the weaker. Empty: nothing to read. */
export const strengthBySession = (log: ExerciseLog): number[] => {
  if (!isEstimable(log.variation)) return [];
  const from = { ...log, past: withToday(log) };
  const lifter = lifterFor(log.variation, log.context.person);
  const each = sidesOf(log).map((side) => replayEach(historyOf(from, side), lifter).map(({ belief }) => belief.mean[0] ?? 0));
  const length = Math.min(...each.map((values) => values.length));
  return Array.from({ length }, (_, at) => Math.min(...each.map((values) => values[values.length - length + at] ?? 0)));
};
