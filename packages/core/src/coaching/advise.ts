import { mustBeLoaded } from '../catalogue';
import { isDoubtful } from '../log';
import { sideDifference } from '../progression';
import { isPerSide, reason } from '../vocabulary';
import type { Side } from '../vocabulary';
import { estimateNext, nextFeeler, plannedNext } from './next-set';
import { asPlanned } from './rules/as-planned';
import { breaking } from './rules/breaking';
import { dangerous } from './rules/dangerous';
import { estimate } from './rules/estimate';
import { feelers } from './rules/feelers';
import { grip } from './rules/grip';
import { matchSide } from './rules/match-side';
import { pain } from './rules/pain';
import { short } from './rules/short';
import type { Advice, AdviceInput, AdviceRule } from './types';

/** Safety, then form, then the hands, then what the numbers say. The first that speaks is the advice. */
const RULES: readonly AdviceRule[] = [pain, dangerous, breaking, grip, short, feelers, matchSide, estimate, asPlanned];

/**
 * What to do now, after the set logged last: one line with its reasons and the coming set filled in. Null before the
 * first set of the exercise. A set that can't be right is passed over.
 * @example adviseAfterSet(input)?.next // { loadKg: 22, reps: 9 }
 */
export const adviseAfterSet = (input: AdviceInput): Advice | null => {
  const today = input.today.filter((set) => !isDoubtful(set, mustBeLoaded(input.variation)));
  const last = today.at(-1);
  if (!last) return null;
  for (const rule of RULES) {
    const advice = rule.advise({ ...input, today }, last);
    if (advice) return advice;
  }
  return null;
};

/** How an exercise begins: the first feeler, or the planned set brought up to date by the estimate. */
export const adviseFirstSet = (input: AdviceInput): Advice | null => {
  const planned = plannedNext(input);
  if (!input.next || !planned) return null;
  const weaker = firstSide(input);
  const side = weaker.difference
    ? [reason('advice-weaker-first', { side: weaker.side, percent: weaker.difference.percent }, 'strength-model')]
    : [];
  if (input.next.kind === 'feeler') {
    const set = nextFeeler(input);
    if (!set) return null;
    const why = reason('advice-feeler', { index: 1, of: input.feelers, ...set }, 'strength-model');
    return { kind: 'go', reasons: [why, ...side], next: set, restSeconds: null };
  }
  // The sheet's own load was decided in a review; the estimate only speaks where there was none.
  const found = input.past.length === 0 && input.today.length > 0 ? estimateNext(input) : null;
  return { kind: 'go', reasons: side, next: found?.set ?? planned, restSeconds: null };
};

/** Which leg goes first: the weaker one where a difference is known, else the left. */
export const firstSide = (
  input: Pick<AdviceInput, 'variation' | 'values' | 'dose' | 'loads' | 'context' | 'past'>,
): { side: Extract<Side, 'left' | 'right'>; difference: ReturnType<typeof sideDifference> } => {
  const difference = isPerSide(input.variation.stance) ? sideDifference(input) : null;
  return { side: difference?.weaker ?? 'left', difference };
};
