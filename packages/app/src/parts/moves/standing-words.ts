import type { StandingDto } from '@drubo/contracts';
import { counted, formatMass } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { dateOfDay, formatDay } from '../../ui/days';

/** What the stage asks, and how much of it has been shown. */
export const progressOf = ({ target, evidence }: StandingDto, unit: MassUnit): string => {
  if (!target) return 'May stay for good: nothing has to be earned.';
  const what = target.seconds === null ? `${target.sets} × ${target.reps} clean` : `${target.sets} × ${target.seconds} s`;
  const load = target.loadKg === null ? '' : ` at ${formatMass(target.loadKg, unit)}`;
  let running = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) running += 1;
  const last = evidence.at(-1);
  const shown = Math.min(running, target.sessions);
  const soFar = last && !last.isMet ? ` Last time ${last.sets} of ${counted(target.sets, 'set')}.` : '';
  return `${what}${load} in ${counted(target.sessions, 'session')} earns the next: ${shown} shown.${soFar}`;
};

/** A day number before which no standing was dated: taken over from an older studio. */
const UNDATED = '1970-01-01';

/** What put somebody on their stage, and when. */
export const stoodLine = ({ by, on, why }: Pick<StandingDto, 'by' | 'on' | 'why'>): string => {
  const day = formatDay(on);
  if (by === 'hand') return `Placed by hand ${day}${why ? `: ${why}` : '.'}`;
  if (by === 'known-lift') return `By a known lift, put down ${day}.`;
  return on === UNDATED ? 'By an earlier review.' : `By the review of ${day}.`;
};

type Shown = StandingDto['evidence'][number];

/** Sets of a session in one go: '10, 10, 9 reps · 24 kg'; loads that differ stand beside their reps. */
const setsLine = ({ did = [] }: Shown, unit: MassUnit): string => {
  const loads = new Set(did.map(({ externalKg }) => externalKg));
  const [only] = loads;
  const count = ({ reps, seconds }: (typeof did)[number]): string => (reps === null ? `${seconds ?? 0} s` : String(reps));
  if (did.length === 0) return '';
  const isTimed = did.every(({ reps }) => reps === null);
  if (loads.size > 1) return did.map((set) => `${count(set)} × ${formatMass(set.externalKg, unit)}`).join(', ');
  return `${did.map(count).join(', ')}${isTimed ? '' : ' reps'}${only ? ` · ${formatMass(only, unit)}` : ''}`;
};

/** The sessions behind a standing, newest first: the day, its sets, and what they showed. */
export const shownLines = ({ evidence, target }: StandingDto, unit: MassUnit): string[] =>
  [...evidence].reverse().map((shown) => {
    const sets = setsLine(shown, unit);
    const counted = !target ? '' : shown.isMet ? 'counts' : `${shown.sets} of ${target.sets} sets count`;
    return `${formatDay(dateOfDay(shown.day))}: ${[sets, counted].filter(Boolean).join(', ')}.`;
  });
