import { mustBeLoaded } from '../catalogue';
import type { Dose } from '../dose';
import { limitOn } from '../limits';
import { chooseNext, isEstimable, lifterFor, pastSessions, replay } from '../strength';
import type { Checkpoint, LoggedExercise, NextSetContext, PastSession } from '../strength';
import { isPerSide } from '../vocabulary';
import type { LimitState, Reason, Side } from '../vocabulary';
import { mayGoBeyond } from './step-up';
import type { ExerciseLog, PastExercise } from './types';

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

const logged = ({ day, sets, dose }: PastExercise): LoggedExercise => ({
  day,
  sets,
  tempo: dose.tempo,
  restSeconds: dose.restSeconds,
});

/** The working legs of a movement, each judged on its own sets. */
export const sidesOf = ({ variation }: Pick<ExerciseLog, 'variation'>): readonly Side[] =>
  isPerSide(variation.stance) ? ['left', 'right'] : ['both'];

/** One leg's sessions as the estimator reads them, oldest first. */
export const historyOf = (from: Pick<EstimateFrom, 'variation' | 'dose' | 'past'>, side: Side): PastSession[] =>
  pastSessions(from.past.map(logged), {
    side,
    tempo: from.dose.tempo,
    bodyMassShare: from.variation.bodyMassShare,
    mustBeLoaded: mustBeLoaded(from.variation),
  });

/** One leg's history and where its replay stands. */
interface Replayed {
  history: readonly PastSession[];
  at: Checkpoint;
}

const known = new WeakMap<readonly PastExercise[], Map<string, Replayed>>();

/**
 * One leg's history, replayed. Kept for the list of sessions it was made of: a verdict and the advice after every set ask
 * for it again, and the same sessions always give the same.
 */
export const replayedFor = (from: EstimateFrom, side: Side): Replayed => {
  const { variation, dose, context } = from;
  const { trainingAge, massKg } = context.person;
  const key = [side, variation.id, JSON.stringify(dose.tempo), trainingAge, massKg].join();
  const kept = known.get(from.past) ?? new Map<string, Replayed>();
  known.set(from.past, kept);
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

/** Whether rises are held to the careful bound: a limit that holds the movement back, a pregnancy, or the load held in front or overhead. */
const isCautious = ({ variation, context }: EstimateFrom): boolean =>
  context.limits.some((limit) => limit.limit === 'pregnancy' || HOLDS_BACK.has(limitOn(variation, [limit]).state)) ||
  variation.loadPositions.some((position) => position === 'overhead' || position === 'front-bar' || position === 'rack');

/**
 * However much body mass moves with it, what is held rises by half at most. House default: a pair of bells twice as
 * heavy is no small step for hands and trunk, even where the legs would bear it.
 */
const EXTERNAL_RISE_MOST = 0.5;

/** The question put to the estimator for a set of one leg on a day. */
export const askFor = (from: EstimateFrom, dose: Dose, day: number): NextSetContext => ({
  ...lifterFor(from.variation, from.context.person),
  day,
  setIndex: 0,
  today: [],
  target: { sets: dose.sets, repsLow: dose.repsLow, repsHigh: dose.repsHigh, reserve: dose.reserve },
  loadsKg: from.loads.map(({ externalKg }) => externalKg),
  cautious: isCautious(from),
  jumpOn: from.variation.jumpOn,
  externalRiseMost: EXTERNAL_RISE_MOST,
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
