import { isDrillRole } from '../vocabulary';
import type { Role } from '../vocabulary';
import type { Dose } from './types';

/**
 * Whether a set of this dose is aimed by reps in reserve: not where it is held or worked for seconds, and not a drill
 * before or after the work, which nobody takes near its end. Common practice, no source.
 *
 * @param role the stretch of the session it stands in; left out where only the dose is known
 * @example asksReserve({ seconds: 30 }) // false
 */
export const asksReserve = ({ seconds }: Pick<Dose, 'seconds'>, role?: Role): boolean =>
  seconds === undefined && !isDrillRole(role);
