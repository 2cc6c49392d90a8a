import type { NeedView, DayView } from '@drubo/core/weeks';
import { formatNumber, NEED_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';

const words = weeksWords.day;

/** Sets in whole numbers, and halves where something counted half. */
export const inSets = (sets: number): string => formatNumber(Math.round(sets * 2) / 2, 1);

/** The muscles a day is for, the most first: what it is to do, or did. */
export const musclesOf = ({ targets, sets }: DayView, most = 4): string[] => {
  const told = sets ?? Object.fromEntries(Object.entries(targets).map(([need, target]) => [need, target.aim]));
  return Object.entries(told)
    .filter(([need, amount]) => Math.round(amount) >= 1 && need in NEED_LABELS)
    .sort(([, a], [, b]) => b - a)
    .slice(0, most)
    .map(([need, amount]) => words.muscle(NEED_LABELS[need as NeedView['need']], String(Math.round(amount))));
};

/** Done and aimed at, of everything a week is counted in, leg curls aside: they are hamstring sets already. */
export const sumOf = (needs: readonly NeedView[]): { done: number; aim: number } =>
  needs
    .filter(({ need }) => need !== 'knee-bend')
    .reduce((sum, { done, aim }) => ({ done: sum.done + done, aim: sum.aim + aim }), { done: 0, aim: 0 });
