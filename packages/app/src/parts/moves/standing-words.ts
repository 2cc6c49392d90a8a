import { formatDay } from '@drubo/words/dates';
import type { StandingDto } from '@drubo/contracts';
import { formatMass } from '@drubo/words/explain';
import type { MassUnit } from '@drubo/core/vocabulary';
import { dateOfDay } from '../../ui/days';
import { partsMovesWords } from '@drubo/words/screens/parts-moves';

const words = partsMovesWords.standingWords;

/** What the stage asks, and how much of it has been shown. */
export const progressOf = ({ target, evidence }: StandingDto, unit: MassUnit): string => {
  if (!target) return words.mayStayForGood;
  const what = target.seconds === null ? words.clean(target.sets, target.reps) : words.s(target.sets, target.seconds);
  const load = target.loadKg === null ? '' : words.at(formatMass(target.loadKg, unit));
  let running = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) running += 1;
  const last = evidence.at(-1);
  const shown = Math.min(running, target.sessions);
  const soFar = last && !last.isMet ? words.lastTimeOfSet(last.sets, target.sets) : '';
  return words.inSessionEarnsThe(what, load, target.sessions, shown, soFar);
};

/** A day number before which no standing was dated: taken over from an older studio. */
const UNDATED = '1970-01-01';

/** What put somebody on their stage, and when. */
export const stoodLine = ({ by, on, why }: Pick<StandingDto, 'by' | 'on' | 'why'>): string => {
  const day = formatDay(on);
  if (by === 'hand') return words.placedByHand(day, why ? `: ${why}` : '.');
  if (by === 'known-lift') return words.byAKnownLift(day);
  return on === UNDATED ? words.byAnEarlierReview : words.byTheReviewOf(day);
};

type Shown = StandingDto['evidence'][number];

/** Sets of a session in one go: '10, 10, 9 reps · 24 kg'; loads that differ stand beside their reps. */
const setsLine = ({ did = [] }: Shown, unit: MassUnit): string => {
  const loads = new Set(did.map(({ externalKg }) => externalKg));
  const [only] = loads;
  const count = ({ reps, seconds }: (typeof did)[number]): string =>
    reps === null ? words.sWithSeconds(seconds ?? 0) : String(reps);
  if (did.length === 0) return '';
  const isTimed = did.every(({ reps }) => reps === null);
  if (loads.size > 1) return did.map((set) => `${count(set)} × ${formatMass(set.externalKg, unit)}`).join(', ');
  return `${did.map(count).join(', ')}${isTimed ? '' : words.reps}${only ? ` · ${formatMass(only, unit)}` : ''}`;
};

/** The sessions behind a standing, newest first: the day, its sets, and what they showed. */
export const shownLines = ({ evidence, target }: StandingDto, unit: MassUnit): string[] =>
  [...evidence].reverse().map((shown) => {
    const sets = setsLine(shown, unit);
    const counted = !target ? '' : shown.isMet ? 'counts' : words.ofSetsCount(shown.sets, target.sets);
    return `${formatDay(dateOfDay(shown.day))}: ${[sets, counted].filter(Boolean).join(', ')}.`;
  });
