import { reason } from '../vocabulary';
import type { BasisId, FaultId, ScreeningTaskId, Side } from '../vocabulary';
import type { Effect, Finding, Seen } from './types';

/** Whether a task was judged and showed a fault. A task nobody judged shows nothing, neither good nor bad. */
export const shows = (seen: Seen, task: ScreeningTaskId, fault: FaultId): boolean => {
  const given = seen.tasks[task];
  return given?.state === 'judged' && given.faults.includes(fault);
};

/** Whether a task was judged and showed neither fault nor pain. */
export const isClean = (seen: Seen, task: ScreeningTaskId): boolean => {
  const given = seen.tasks[task];
  return given?.state === 'judged' && given.faults.length === 0 && given.pains.every(({ severity }) => severity === 0);
};

/** The side a one-sided task is about. */
const sideOf = (task: ScreeningTaskId): Side => (task.endsWith('-left') ? 'left' : task.endsWith('-right') ? 'right' : 'both');

/** A finding for each of the tasks that shows a fault. */
export const forFault = (
  rule: { id: string; basis: BasisId },
  seen: Seen,
  tasks: readonly ScreeningTaskId[],
  fault: FaultId,
  effects: (side: Side) => readonly Effect[],
): Finding[] =>
  tasks
    .filter((task) => shows(seen, task, fault))
    .map((task) => ({
      rule: rule.id,
      reason: reason('seen-fault', { task, fault }, rule.basis),
      effects: effects(sideOf(task)),
    }));

export const start = (ladderId: string, rungId: string): Effect => ({ kind: 'start', ladderId, rungId });
export const drill = (variationId: string): Effect => ({ kind: 'drill', variationId });
export const lookAgain = (weeks: number): Effect => ({ kind: 'look-again', weeks });
