import { reason } from '../vocabulary';
import type { Reason, TrainingAge } from '../vocabulary';
import { chooseSet } from './choose/choose';
import type { Choice } from './choose/choose';
import type { SetTarget } from './choose/cost';
import { sdOfStrength } from './estimator/belief';
import { arrive, replayTrusted, takeDay } from './estimator/replay';
import type { Checkpoint } from './estimator/replay';
import { trustedReports } from './estimator/trusted-reports';
import type { Belief, ContextOffset } from './estimator/types';
import { isReadable } from './history';
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
  /** Most the external load may rise at once, as a share of it. */
  externalRiseMost?: number;
  /** False for get-ups, swings and skills, whose reps never go past the range. */
  mayGoBeyond?: boolean;
  /** Sets of other exercises today that share muscle, in sets of fatigue. */
  sharedFatigue?: number;
  /** What the coming set's tempo, range or rest costs against the usual one, in log load. */
  context?: ContextOffset;
  /** How much of today's fatigue is still there before the coming set, by its rest; 1 at the usual rest. */
  fatigueScale?: number;
  isNewToMovement?: boolean;
  prior?: Belief;
  /** Stored state after an earlier session of the same history; it must give the same answer as a whole replay. */
  checkpoint?: Checkpoint;
}

/** What is believed when the next set is chosen. */
export interface Standing {
  at: Checkpoint;
  fatigue: number;
  currentKg: number | null;
}

/** Replays history and today, and says where that leaves the lifter. */
export const standBefore = (history: readonly PastSession[], context: NextSetContext): Standing => {
  const lifter: Lifter = context;
  const all = [...history, { day: context.day, sets: context.today }];
  const trusted = trustedReports(all, context.reserveCap);
  const before = replayTrusted(history, trusted === all ? history : trusted.slice(0, -1), lifter, context.checkpoint);
  const arrived = arrive(before, context.day, lifter);
  const { belief, today } = takeDay(arrived.belief, trusted.at(-1)?.sets ?? [], lifter);
  return {
    at: { ...arrived, belief },
    fatigue: today.fatigue * (context.fatigueScale ?? 1) + (context.sharedFatigue ?? 0),
    currentKg: loadInForce(history, context, lifter),
  };
};

/** Today's last load, or the one the last session began with. Feelers were only on the way there. */
const loadInForce = (history: readonly PastSession[], { today }: NextSetContext, lifter: Lifter): number | null => {
  const isWork = (set: DoneSet): boolean => !set.isLeadIn && isReadable(set, lifter);
  const now = today.findLast(isWork);
  if (now) return now.loadKg;
  return history.findLast(({ sets }) => sets.some(isWork))?.sets.find(isWork)?.loadKg ?? null;
};

/** The next set as chosen, with everything it rests on. */
export interface ChosenNext {
  choice: Choice;
  standing: Standing;
  reasons: readonly Reason[];
}

/** The choice for the next set with everything it rests on; `nextWorkSet` gives its plain answer. */
export const chooseNext = (history: readonly PastSession[], context: NextSetContext): ChosenNext => {
  const standing = standBefore(history, context);
  const choice = chooseSet({
    belief: standing.at.belief,
    fatigue: standing.fatigue,
    target: context.target,
    loadsKg: [...context.loadsKg].sort((a, b) => a - b),
    bodyLoadKg: context.bodyLoadKg,
    currentKg: standing.currentKg,
    cautious: context.cautious ?? false,
    jumpOn: context.jumpOn ?? 'total',
    externalRiseMost: context.externalRiseMost,
    mayGoBeyond: context.mayGoBeyond ?? true,
    context: context.context,
  });
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

const reasonsOf = (choice: Choice, { at, currentKg }: Standing, { target, bodyLoadKg }: NextSetContext): Reason[] => {
  const { loadKg, reps, prediction } = choice;
  const estimate = reason(
    'strength-estimate',
    {
      loadKg,
      predictedReps: tenth(Math.max(0, prediction.reps)),
      sdReps: tenth(prediction.sd),
      oneRepMaxKg: tenth(Math.exp(at.belief.mean[0] ?? 0) - bodyLoadKg),
      sdPercent: tenth(sdOfStrength(at.belief) * 100),
      bodyLoadKg: tenth(bodyLoadKg),
    },
    'strength-model',
  );
  const values = { loadKg, reps, reserve: target.reserve, predictedReps: tenth(Math.max(0, prediction.reps)) };
  return [estimate, reason(`load-${choice.kind}`, { ...values, fromKg: currentKg ?? loadKg }, 'strength-model')];
};
