import type { DayTarget } from '@drubo/core/composing';
import type { NeedView, DayView, TooClose } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_SHORT, FAMILY_LABELS, formatNumber, inSentence, NEED_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { dateOfDay } from '../../ui/days';

const words = weeksWords.day;

/** Sets in whole numbers, and halves where something counted half. */
export const inSets = (sets: number): string => formatNumber(Math.round(sets * 2) / 2, 1);

/** The muscles a day is for, the most first: what it is to do, and what it did of it. */
export const musclesOf = ({ targets, sets }: DayView, most = 4): string[] =>
  (Object.entries(targets) as [NeedView['need'], DayTarget][])
    .map(([need, { aim }]) => ({ need, aim: Math.round(aim), done: sets && Math.round(sets[need] ?? 0) }))
    .filter(({ aim, done }) => Math.max(aim, done ?? 0) >= 1)
    .sort((a, b) => Math.max(b.aim, b.done ?? 0) - Math.max(a.aim, a.done ?? 0))
    .slice(0, most)
    .map(({ need, aim, done }) => words.muscle(NEED_LABELS[need], done === null ? String(aim) : words.doneOf(done, aim)));

/** What a day is to bring each muscle, with its floor and the most it may get. */
export const boundsOf = ({ targets }: DayView): { label: string; text: string }[] =>
  (Object.entries(targets) as [NeedView['need'], DayTarget][])
    .filter(([, { aim }]) => Math.round(aim) >= 1)
    .sort(([, a], [, b]) => b.aim - a.aim)
    .map(([need, { floor, aim, most }]) => ({
      label: NEED_LABELS[need],
      text: words.bounds(inSets(aim), inSets(floor), inSets(most)),
    }));

/** Done and aimed at, of everything a week is counted in, leg curls aside: they are hamstring sets already. */
export const sumOf = (needs: readonly NeedView[]): { done: number; aim: number } =>
  needs
    .filter(({ need }) => need !== 'knee-bend')
    .reduce((sum, { done, aim }) => ({ done: sum.done + done, aim: sum.aim + aim }), { done: 0, aim: 0 });

/** Two heavy days that lie too close together, in words. */
export const clashInWords = ({ earlier, later, family }: TooClose): string =>
  weeksWords.tooClose.text(
    `${DAY_ROLE_SHORT[earlier.role]} (${formatDay(dateOfDay(earlier.day))})`,
    `${DAY_ROLE_SHORT[later.role]} (${formatDay(dateOfDay(later.day))})`,
    inSentence(FAMILY_LABELS[family]),
  );
