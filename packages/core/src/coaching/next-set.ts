import { plannedReps } from '../dose';
import { askFor, replayedFor } from '../progression';
import { chooseNext, doneSets, FEELERS, feelerSet, replay, tellingKg } from '../strength';
import type { DoneSet, NextSetContext, PastSession } from '../strength';
import type { Reason } from '../vocabulary';
import type { AdviceInput, NextSet } from './types';

/** What the coming set should be and why; null where the estimator has no say or there is no coming set. */
export interface Estimate {
  set: NextSet;
  reasons: readonly Reason[];
  oneRepMaxKg: number;
}

/** Today's sets of the coming leg, as the estimator reads them. */
const todayOf = (input: AdviceInput, side: SetSide): DoneSet[] =>
  doneSets(
    { sets: input.today, tempo: input.dose.tempo, restSeconds: input.dose.restSeconds },
    { side, tempo: input.dose.tempo, bodyMassShare: input.variation.bodyMassShare },
  );

type SetSide = 'left' | 'right' | 'both';

/**
 * Who is to be careful rises between sessions, never inside one: no load over the last set's. The first work set has the
 * planned load at most, or what a feeler was done well with.
 */
const spared = (input: AdviceInput, { cautious, loadsKg }: NextSetContext, today: readonly DoneSet[]): readonly number[] => {
  if (!cautious) return loadsKg;
  const last = today.findLast(({ isLeadIn }) => !isLeadIn);
  const felt = today.filter(({ failed, isClean, isUnwatched }) => !failed && (isClean !== false || isUnwatched));
  const mostKg = last?.loadKg ?? Math.max(input.dose.load.externalKg, ...felt.map(({ loadKg }) => loadKg));
  const within = loadsKg.filter((kg) => kg <= mostKg + 0.0005);
  return within.length > 0 ? within : loadsKg.slice(0, 1);
};

/** The question for the coming set: the whole history of this leg, and today's sets weighing most. */
const asked = (input: AdviceInput, side: SetSide): { history: readonly PastSession[]; context: NextSetContext } => {
  const { history, at } = replayedFor(input, side);
  const today = todayOf(input, side);
  const context = askFor(input, input.dose, input.day);
  const isFirstWork = !today.some(({ isLeadIn }) => !isLeadIn);
  const lowered = isFirstWork && today.length > 0 ? { afterFeelers: true } : {};
  const loadsKg = isFirstWork && input.next?.kind === 'feeler' ? context.loadsKg : spared(input, context, today);
  return {
    history,
    context: { ...context, ...lowered, loadsKg, today, setIndex: input.next?.setIndex ?? today.length, checkpoint: at },
  };
};

/** The estimator's choice for the coming work set. */
export const estimateNext = (input: AdviceInput): Estimate | null => {
  const { next, loads } = input;
  if (!next || loads.length === 0) return null;
  const { history, context } = asked(input, next.side);
  if (history.length === 0 && context.today.length === 0) return null;
  const { choice, standing, reasons } = chooseNext(history, context);
  return {
    set: { loadKg: choice.loadKg, reps: choice.reps },
    reasons,
    oneRepMaxKg: Math.exp(standing.at.belief.mean[0] ?? 0) - tellingKg(context),
  };
};

/** The coming feeler: by what is believed so far, never more than the careful bounds. */
export const nextFeeler = (input: AdviceInput): NextSet | null => {
  const { next, loads } = input;
  if (!next || loads.length === 0) return null;
  const { history, context } = asked(input, next.side);
  const { belief } = replay([...history, { day: input.day, sets: context.today }], context);
  return feelerSet({
    belief,
    index: Math.min(next.setIndex, FEELERS.sets),
    careful: context.cautious ?? false,
    // Sets with nothing held say more than a guess does.
    guessKg: history.length > 0 ? Infinity : context.startLoadKg,
    tellingKg: tellingKg(context),
    loadsKg: context.loadsKg,
  });
};

/** The coming set as planned on the sheet. */
export const plannedNext = ({ next, dose }: AdviceInput): NextSet | null =>
  next ? { loadKg: dose.load.externalKg, reps: plannedReps(dose) } : null;

/** The load and reps just asked for, carried on: what goes on when nobody says otherwise. */
export const carriedOn = (input: AdviceInput): NextSet | null => {
  const planned = plannedNext(input);
  const last = input.today.findLast((set) => set.kind === 'work');
  return planned && last ? { loadKg: last.externalKg, reps: last.plannedReps ?? planned.reps } : planned;
};
