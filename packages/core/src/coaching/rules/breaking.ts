import { oneNotch } from '../../catalogue/knowledge';
import { reason } from '../../vocabulary';
import type { FaultId } from '../../vocabulary';
import { cuesFor } from '../cues-for';
import { measureFor } from '../measures';
import { carriedOn } from '../next-set';
import type { Advice, AdviceInput, AdviceRule } from '../types';

/** Steps of the escalation: cue, other cue with the measure, leave it. */
const LEAVE_AT = 3;

/**
 * A fault that breaks sets: first a cue, at the next set another cue and the first measure against it, then leave the
 * exercise today and train the same a stage lower. A fault that already broke sets last time starts at the second step.
 */
export const breaking: AdviceRule = {
  id: 'breaking',
  advise: (input, last) => {
    const fault = last.faults.find(({ severity }) => severity === 'breaks');
    if (!fault) return null;
    const { id } = fault;
    const today = setsWith(input.today, id);
    const step = today + (brokeLastTime(input, id) ? 1 : 0);
    const [cue, other] = cuesFor(id, input.past);
    if (step >= LEAVE_AT) return leave(input, id, today);
    const measure = measureFor(input, id);
    const first = cue ? [reason('advice-cue', { faultId: id, cue: cue.text, kind: cue.kind }, 'common-practice')] : [];
    const second = other
      ? [reason('advice-other-cue', { faultId: id, cue: other.text, kind: other.kind }, 'common-practice')]
      : first;
    const reasons = step <= 1 ? first : [...second, ...(measure ? [measure] : [])];
    if (reasons.length === 0) return null;
    return { kind: step <= 1 ? 'cue' : 'change', reasons, next: carriedOn(input), restSeconds: null };
  },
};

/** Sets, both legs of one index together, in which the fault broke the set or worse. */
const setsWith = (sets: AdviceInput['today'], id: FaultId): number =>
  new Set(
    sets
      .filter((set) => set.faults.some((fault) => fault.id === id && fault.severity !== 'note'))
      .map((set) => `${set.kind}-${set.setIndex}`),
  ).size;

const brokeLastTime = ({ past }: AdviceInput, id: FaultId): boolean => {
  const last = [...past].sort((a, b) => b.day - a.day)[0];
  return last !== undefined && setsWith(last.sets, id) > 0;
};

const leave = (input: AdviceInput, faultId: FaultId, sets: number): Advice => {
  const lower = oneNotch(input.context.catalogue, input.variation, input.values, 'easier').find(
    (notch) => notch.kind !== 'lever',
  );
  const easier = lower ? [reason('advice-easier-variation', { variationId: lower.variationId }, 'common-practice')] : [];
  const why = reason('advice-leave-today', { faultId, sets }, 'common-practice');
  return { kind: 'stop', reasons: [why, ...easier], next: null, restSeconds: null, because: 'fault' };
};
