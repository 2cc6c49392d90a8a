import type { StandingDto } from '@drubo/contracts';
import { formatMass } from '@drubo/core/explain';
import type { MassUnit } from '@drubo/core/vocabulary';

/** What the stage asks, and how much of it has been shown. */
export const progressOf = ({ target, evidence }: StandingDto, unit: MassUnit): string => {
  if (!target) return 'May stay for good: nothing has to be earned.';
  const what = target.seconds === null ? `${target.sets} × ${target.reps} clean` : `${target.sets} × ${target.seconds} s`;
  const load = target.loadKg === null ? '' : ` at ${formatMass(target.loadKg, unit)}`;
  let running = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) running += 1;
  const last = evidence.at(-1);
  const shown = Math.min(running, target.sessions);
  const soFar = last && !last.isMet ? ` Last time ${last.sets} of ${target.sets} sets.` : '';
  return `${what}${load} in ${target.sessions} ${target.sessions === 1 ? 'session' : 'sessions'} earns the next: ${shown} shown.${soFar}`;
};
