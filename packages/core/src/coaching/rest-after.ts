import type { Dose } from '../dose';
import type { SetRecord } from '../log';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** So many reps under the reserve asked for make a set too hard for the usual rest, and rest is then this much longer. */
const LONGER = { under: 2, by: 1.5, stepSeconds: 15 } as const;

/**
 * Rest after a set, in seconds: as planned, or half as long again after one that failed or left two reps or more fewer
 * than asked for. House default; more rest keeps the next set's reps. An unknown reserve changes nothing.
 * @example restAfter({ restSeconds: 90, reserve: 2 }, { reserve: 0, endedBy: 'planned' }).restSeconds // 135
 */
export const restAfter = (
  { restSeconds, reserve }: Pick<Dose, 'restSeconds' | 'reserve'>,
  last: Pick<SetRecord, 'reserve' | 'endedBy'>,
): { restSeconds: number; reasons: readonly Reason[] } => {
  const isHard = last.endedBy === 'failure' || (last.reserve !== null && last.reserve <= reserve - LONGER.under);
  if (!isHard || restSeconds === 0) return { restSeconds, reasons: [] };
  const longer = Math.round((restSeconds * LONGER.by) / LONGER.stepSeconds) * LONGER.stepSeconds;
  return {
    restSeconds: longer,
    reasons: [reason('rest-longer-short', { reserve: last.reserve ?? 0, restSeconds: longer }, 'house-default')],
  };
};
