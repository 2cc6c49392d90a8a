import { reason } from '../vocabulary';
import type { Reason, TrainingAge } from '../vocabulary';
import { chooseSet } from './choose/choose';
import type { Choice, SessionRise, ShownSet } from './choose/choose';
import type { SetTarget } from './choose/cost';
import type { RepCurve } from './curve';
import { sdOfLoadFor, sdOfStrength } from './estimator/belief';
import { arrive, replayTrusted, takeDay } from './estimator/replay';
import type { Checkpoint } from './estimator/replay';
import { setAside, trustedReports } from './estimator/trusted-reports';
import type { Belief, ContextOffset } from './estimator/types';
import { isProbeDue, PROBE } from './habit';
import { isReadable, tellingKg } from './history';
import { isOpenEnded } from './open-ended';
import type { DoneSet, Lifter, PastSession } from './history';

/** What the next set is asked under. `today` holds this exercise's sets so far; loads are external. */
export interface NextSetContext {
  day: number;
  setIndex: number;
  today: readonly DoneSet[];
  target: SetTarget;
  loadsKg: readonly number[];
  startLoadKg: number;
  trainingAge: TrainingAge;
  reserveCap: number;
  bodyLoadKg: number;
  /** A limit on the area, pregnancy, 65 or over, or the load held in front or overhead: rises stay at 10 %. */
  cautious?: boolean;
  /** What jumps are judged on; `total` where the legs are the limit. */
  jumpOn?: 'total' | 'external';
  /** Most the load may rise from session to session once the lift is known; left out: only the bound on a set. */
  sessionRise?: SessionRise;
  /** False for get-ups, swings and skills, whose reps never go past the range. */
  mayGoBeyond?: boolean;
  /** Sets of other exercises today that share muscle, in sets of fatigue. */
  sharedFatigue?: number;
  /** What the coming set's tempo, range or rest costs against the usual one, in log load. */
  context?: ContextOffset;
  /** How much of today's fatigue is still there before the coming set, by its rest; 1 at the usual rest. */
  fatigueScale?: number;
  /** How the movement's reps fall as load rises; left out: a bar's. */
  curve?: RepCurve;
  /** The first work set after feelers: what they showed, one deviation down, and at most a quarter over the heaviest. */
  afterFeelers?: boolean;
  isNewToMovement?: boolean;
  /** The number this person gives whatever was left: such a report counts as none. */
  habitReserve?: number | undefined;
  prior?: Belief;
  priorDay?: number;
  /** Stored state after an earlier session of the same history; it must give the same answer as a whole replay. */
  checkpoint?: Checkpoint;
}

/** What is believed when the next set is chosen. */
export interface Standing {
  at: Checkpoint;
  fatigue: number;
  currentKg: number | null;
  /** What the last clean sets showed: today's, and those of the session before. */
  shown: readonly ShownSet[];
  /** Whether every report of the last sets was the scale's top or more. */
  isOpenEnded: boolean;
  /** What the last clean sets showed at least. */
  atLeast: readonly ShownSet[];
  /** Reports set aside as a habit: the number, and how many; null: none. */
  setAside: { reserve: number; reports: number } | null;
  /** Heaviest clean load of the last session; null: none. */
  sessionKg: number | null;
}

/** Replays history and today, and says where that leaves the lifter. */
export const standBefore = (history: readonly PastSession[], context: NextSetContext): Standing => {
  const lifter: Lifter = context;
  const all = [...history, { day: context.day, sets: context.today }];
  const trusted = trustedReports(all, context);
  const before = replayTrusted(history, trusted === all ? history : trusted.slice(0, -1), lifter, context.checkpoint);
  const arrived = arrive(before, context.day, lifter);
  const { belief, today } = takeDay(arrived.belief, trusted.at(-1)?.sets ?? [], lifter);
  const last = trusted.findLast(({ sets }, at) => at < trusted.length - 1 && sets.some(isWork))?.sets ?? [];
  return {
    at: { ...arrived, belief },
    fatigue: today.fatigue * (context.fatigueScale ?? 1) + (context.sharedFatigue ?? 0),
    currentKg: loadInForce(history, context, lifter),
    shown: shownBy([...last, ...(trusted.at(-1)?.sets ?? [])], context.reserveCap),
    isOpenEnded: isOpenEnded([trusted.at(-1)?.sets ?? [], last, beforeLast(trusted)], context.reserveCap),
    atLeast: atLeastBy([...last, ...(trusted.at(-1)?.sets ?? [])]),
    setAside: setAside(all, trusted),
    sessionKg: heaviest(last),
  };
};

const isWork = (set: DoneSet): boolean => !set.isLeadIn && set.reps > 0;

/**
 * Clean sets with what they showed: the reps done, and those said to be left. A set nobody spoke of and one said to leave
 * the scale's top or more show no upper end: then belief alone bounds.
 */
const shownBy = (sets: readonly DoneSet[], cap: number): ShownSet[] => {
  const clean = sets.filter(({ reps, isClean = true }) => isClean && reps > 0);
  const [first] = sets.filter(isWork);
  // Sets were done and none of them clean: nothing was shown that would carry a rise.
  if (first && clean.length === 0) return [{ loadKg: first.loadKg, reps: 0 }];
  const hasTop = clean.every(({ reserve, reserveCap = cap }) => reserve === null || reserve < reserveCap);
  return hasTop ? clean.flatMap(({ loadKg, reps, reserve }) => (reserve === null ? [] : [{ loadKg, reps: reps + reserve }])) : [];
};

/** What clean sets showed at least: the reps done and those said to be left, however many more there were. */
const atLeastBy = (sets: readonly DoneSet[]): ShownSet[] =>
  sets.flatMap(({ loadKg, reps, reserve, isClean = true, failed }) =>
    isClean && !failed && reps > 0 && reserve !== null ? [{ loadKg, reps: reps + reserve }] : [],
  );

/** The work of the session before the last one with any. */
const beforeLast = (trusted: readonly PastSession[]): readonly DoneSet[] =>
  trusted
    .slice(0, -1)
    .filter(({ sets }) => sets.some(isWork))
    .at(-2)?.sets ?? [];

const heaviest = (sets: readonly DoneSet[]): number | null => {
  const clean = sets.filter((set) => isWork(set) && set.isClean !== false && !set.failed).map(({ loadKg }) => loadKg);
  return clean.length === 0 ? null : Math.max(...clean);
};

/**
 * Today's last load, or the last session's: the one it began with, or what it rose to and was clean. Feelers were only on
 * the way there.
 */
const loadInForce = (history: readonly PastSession[], { today }: NextSetContext, lifter: Lifter): number | null => {
  const isWork = (set: DoneSet): boolean => !set.isLeadIn && isReadable(set, lifter);
  const now = today.findLast(isWork);
  if (now) return now.loadKg;
  const last = history.findLast(({ sets }) => sets.some(isWork))?.sets ?? [];
  const began = last.find(isWork)?.loadKg ?? null;
  return began === null ? null : Math.max(began, heaviest(last) ?? began);
};

/** The next set as chosen, with everything it rests on. */
export interface ChosenNext {
  choice: Choice;
  standing: Standing;
  reasons: readonly Reason[];
}

/** How much heavier than the heaviest feeler done well the first work set may be. House default. */
const OVER_FEELERS = 1.25;

/** A quarter over the heaviest feeler done well; one nobody watched may be done again, and no more. */
const underFeelers = (loadsKg: readonly number[], today: readonly DoneSet[]): readonly number[] => {
  const done = today.filter(({ failed }) => !failed);
  const bounds = done.map(({ loadKg, isClean = true, isUnwatched }) => (isClean ? OVER_FEELERS : isUnwatched ? 1 : 0) * loadKg);
  const within = loadsKg.filter((kg) => kg <= Math.max(0, ...bounds) + 0.0005);
  return within.length > 0 ? within : loadsKg.slice(0, 1);
};

/** The belief one deviation down, as sure as before. */
const lowered = ({ mean, cov }: Belief, { target }: NextSetContext): Belief => {
  const sd = sdOfLoadFor({ mean, cov }, (target.repsLow + target.repsHigh) / 2 + target.reserve);
  return { mean: mean.map((value, at) => (at === 0 ? value - sd : value)), cov };
};

/** The last set asks two reps more where reports have been alike for long: what is then done or said shows a habit. */
const probed = (choice: Choice, history: readonly PastSession[], context: NextSetContext): Choice => {
  const { day, setIndex, today, target, cautious = false, mayGoBeyond = true } = context;
  const before = today.findLast(({ isLeadIn }) => !isLeadIn);
  const isLast = setIndex >= target.sets - 1 && before !== undefined && choice.loadKg >= before.loadKg;
  if (!isLast || cautious || !mayGoBeyond || !isProbeDue(history, { day, sets: today }, context.reserveCap)) return choice;
  return { ...choice, reps: Math.max(choice.reps, before.plannedReps) + PROBE.moreReps, kind: 'probe' };
};

/** The choice for the next set with everything it rests on; `nextWorkSet` gives its plain answer. */
export const chooseNext = (history: readonly PastSession[], context: NextSetContext): ChosenNext => {
  const standing = standBefore(history, context);
  const loadsKg = [...context.loadsKg].sort((a, b) => a - b);
  const chosen = chooseSet({
    belief: context.afterFeelers ? lowered(standing.at.belief, context) : standing.at.belief,
    fatigue: standing.fatigue,
    target: context.target,
    loadsKg: context.afterFeelers ? underFeelers(loadsKg, context.today) : loadsKg,
    bodyLoadKg: context.bodyLoadKg,
    tellingKg: tellingKg(context),
    shown: standing.shown,
    isOpenEnded: standing.isOpenEnded,
    atLeast: context.cautious ? [] : standing.atLeast,
    // What was held before the feelers says nothing of what they found.
    currentKg: context.afterFeelers ? null : standing.currentKg,
    jumpOn: context.jumpOn ?? 'total',
    sessionKg: standing.sessionKg,
    sessionRise: context.sessionRise,
    mayGoBeyond: context.mayGoBeyond ?? true,
    context: context.context,
  });
  const choice = probed(chosen, history, context);
  return { choice, standing, reasons: reasonsOf(choice, standing, context) };
};

/**
 * Load and reps for the next work set from everything logged before it. Pure: the history is replayed, nothing is kept
 * between calls. `loadsKg` must hold at least one load; the answer is one of them.
 * @example nextWorkSet([], { day: 0, setIndex: 0, today: [], target, loadsKg: [20, 22.5], startLoadKg: 20, … }).loadKg
 */
export const nextWorkSet = (
  history: readonly PastSession[],
  context: NextSetContext,
): { loadKg: number; reps: number; reasons: readonly Reason[] } => {
  const { choice, reasons } = chooseNext(history, context);
  return { loadKg: choice.loadKg, reps: choice.reps, reasons };
};

/** Tenths are enough to read; raw values of a model look surer than they are. */
const tenth = (value: number): number => Math.round(value * 10) / 10;

const reasonsOf = (choice: Choice, { at, currentKg, setAside: habit }: Standing, context: NextSetContext): Reason[] => {
  const { target } = context;
  const bodyKg = tellingKg(context);
  const { loadKg, reps, prediction } = choice;
  const estimate = reason(
    'strength-estimate',
    {
      loadKg,
      predictedReps: tenth(Math.max(0, prediction.reps)),
      sdReps: tenth(prediction.sd),
      oneRepMaxKg: tenth(Math.exp(at.belief.mean[0] ?? 0) - bodyKg),
      sdPercent: tenth(sdOfStrength(at.belief) * 100),
      bodyLoadKg: tenth(bodyKg),
    },
    'strength-model',
  );
  const values = { loadKg, reps, reserve: target.reserve, predictedReps: tenth(Math.max(0, prediction.reps)) };
  const told = habit ? [reason('reports-set-aside', habit, 'strength-model')] : [];
  return [estimate, ...told, reason(`load-${choice.kind}`, { ...values, fromKg: currentKg ?? loadKg }, 'strength-model')];
};
