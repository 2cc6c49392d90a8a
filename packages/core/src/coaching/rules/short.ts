import { nextDown } from '../../kit';
import { reason } from '../../vocabulary';
import { carriedOn, estimateNext } from '../next-set';
import type { AdviceInput, AdviceRule } from '../types';

/** Rest is stretched by half where no lighter load is at hand. House default. */
const LONGER_REST = 1.5;

/**
 * Sets under the range: after the first, a lighter load, or a longer rest where there is none; if the lighter set falls
 * short as well, leave the exercise. Grip and pain have rules of their own.
 */
export const short: AdviceRule = {
  id: 'short',
  advise: (input, last) => {
    const { repsLow } = input.dose;
    if (!isShort(input, last)) return null;
    const work = input.today.filter((set) => set.kind === 'work' && set.side === last.side);
    const before = work.filter((set) => set.setIndex < last.setIndex).at(-1);
    const shortSets = work.filter((set) => isShort(input, set)).length;
    const isLightest = !nextDown(input.loads, last.externalKg);
    const cannot = last.reps === 0 && isLightest;
    if (cannot || (before && isShort(input, before) && (last.externalKg < before.externalKg - 0.001 || shortSets > 1))) {
      const why = reason('advice-short-leave', { sets: shortSets, repsLow }, 'common-practice');
      return { kind: 'stop', reasons: [why], next: null, restSeconds: null, because: 'short' };
    }
    const on = carriedOn(input);
    if (!on) return null;
    const fewer = fewerSets(input, last);
    const reps = last.reps ?? 0;
    const estimated = input.method === 'reserve-led' ? estimateNext(input) : null;
    const lighterKg =
      estimated && estimated.set.loadKg < last.externalKg - 0.001
        ? estimated.set.loadKg
        : nextDown(input.loads, last.externalKg)?.externalKg;
    if (lighterKg === undefined) {
      const restSeconds = Math.round((input.dose.restSeconds * LONGER_REST) / 15) * 15;
      const why = reason('advice-short-rest', { reps, repsLow, restSeconds }, 'common-practice');
      return { kind: 'change', reasons: [why], next: on, restSeconds };
    }
    const why = reason('advice-short-lighter', { reps, repsLow, toKg: lighterKg }, 'common-practice');
    const told = fewer === null ? [] : [reason('advice-fewer-sets', { reps, repsLow, sets: fewer }, 'house-default')];
    const next = { loadKg: lighterKg, reps: estimated && estimated.set.loadKg === lighterKg ? estimated.set.reps : on.reps };
    return {
      kind: 'change',
      reasons: [why, ...told, ...(estimated?.reasons ?? [])],
      next,
      restSeconds: null,
      ...(fewer === null ? {} : { setsTo: fewer }),
    };
  },
};

/** A first set this far under the range takes a third of the sets off today. House default. */
const FAR_SHORT = { reps: 3, setsOff: 1 / 3 } as const;

const fewerSets = ({ dose }: AdviceInput, last: AdviceInput['today'][number]): number | null => {
  const isFar = last.setIndex === 0 && (last.reps ?? 0) <= dose.repsLow - FAR_SHORT.reps;
  const sets = Math.max(1, dose.sets - Math.ceil(dose.sets * FAR_SHORT.setsOff));
  return isFar && sets < dose.sets ? sets : null;
};

/** Fewer reps than the range asks for, and not by choice. */
const isShort = ({ dose }: AdviceInput, set: AdviceInput['today'][number]): boolean =>
  set.kind === 'work' &&
  set.reps !== null &&
  set.reps < dose.repsLow &&
  (set.endedBy === 'failure' || set.endedBy === 'form' || set.endedBy === 'planned');
