import type { WeekReasons } from '@drubo/core/reason-codes/weeks';
import { counted } from '../counted';
import type { WordsFor } from './types';

/** Why a plan's weeks and days are as they are, in words. */
export const WEEK_WORDS: WordsFor<WeekReasons> = {
  'block-same-days': (v) => `The first eight weeks repeat the same lifts: ${counted(v.weeks, 'week')} of them in this block.`,
  'block-days-differ': (v) =>
    v.days === 1
      ? `${counted(v.weeks, 'week')} of one day that trains everything.`
      : `${counted(v.weeks, 'week')} in which each of the ${v.days} days leads with a pattern of its own.`,
  'block-zone': (v) => `In this block the leading lifts go for ${v.repsLow} to ${v.repsHigh} reps.`,
  'week-loads': (v) => `Week ${v.week} of ${v.weeks}: ${v.percent} % of the sets aimed at a week.`,
  'week-lighter': (v) => `After ${counted(v.weeks, 'week')} a lighter one: ${v.percent} % fewer sets.`,
  'week-away': (v) => `${counted(v.weeks, 'week')} away: what was planned comes later.`,
  'day-by-hand': () => 'You put it there.',
  'day-missed': () => 'It was missed: the next day trained is the first one undone.',
  'day-moves-up': () => 'It makes room for what was missed.',
  'day-left': () => 'You left it out.',
  'day-no-room': () => 'Too few days are left this week. Heavy days come first, and nothing is doubled.',
  'day-week-over': () => 'Its week is over.',
  'day-other-days': () => 'The days of the week are others now.',
  'aims-other': () => 'What is aimed at, or what may be trained, is different now: the sets of a week follow.',
  'lighter-weaker': (v) => `${counted(v.lifts, 'lift')} fell by ${v.percent} % or more in two weeks.`,
  'lighter-sleep': (v) => `Short sleep at ${v.times} check-ins running.`,
  'lighter-pain': (v) => `Pain rose for ${counted(v.weeks, 'week')}, to ${v.pain} of 10.`,
  'stays-main': (v, c) => `${c.nameOf(v.variationId)} stays: big lifts go on from block to block.`,
  'stays-moving': (v, c) => `${c.nameOf(v.variationId)} stays: it still moves.`,
  'stays-wanted': (v, c) => `${c.nameOf(v.variationId)} stays: it was put there by name.`,
  'stays-only': (v, c) => `${c.nameOf(v.variationId)} stays: nothing else that is open here trains the same.`,
  'rotates-still': (v, c) => `${c.nameOf(v.variationId)} changes: nothing moved up in ${counted(v.sessions, 'session')}.`,
  'rotates-lacked': (v, c) =>
    `${c.nameOf(v.variationId)} changes: ${counted(v.sessions, 'session')} of it and its muscle still lacks sets.`,
  'rotates-turn': (v, c) =>
    `${c.nameOf(v.variationId)} had its turn, ${counted(v.sessions, 'session')}. Something else for the same muscle comes next.`,
};
