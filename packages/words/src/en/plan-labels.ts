import type { Need } from '@drubo/core/composing';
import type { DayRole, Due } from '@drubo/core/vocabulary';
import type { DayState } from '@drubo/core/weeks';
import { EMPHASIS_LABELS } from './labels';
import { SPLIT_LABELS } from './sheet-labels';

/** What a day of a plan is. */
export const DAY_ROLE_LABELS: Record<DayRole, string> = {
  all: 'Every pattern',
  ...SPLIT_LABELS,
  'squat-led': 'Squat-led, heavy',
  'hinge-led': 'Hinge-led, heavy',
  'one-leg-led': 'One-leg-led, light',
  'squat-light': 'Squat-led, light',
  'hinge-light': 'Hinge-led, light',
  mobility: 'Easy: drills only',
};

/** The same where there is room for a word or two. */
export const DAY_ROLE_SHORT: Record<DayRole, string> = {
  all: 'Every pattern',
  a: 'Day A',
  b: 'Day B',
  'squat-led': 'Squat, heavy',
  'hinge-led': 'Hinge, heavy',
  'one-leg-led': 'One leg, light',
  'squat-light': 'Squat, light',
  'hinge-light': 'Hinge, light',
  mobility: 'Easy',
};

export const WEEK_KIND_LABELS: Record<'loading' | 'lighter', string> = { loading: 'Loading week', lighter: 'Lighter week' };

export const DAY_STATE_LABELS: Record<DayState, string> = { done: 'Done', missed: 'Missed', today: 'Today', ahead: 'To come' };

/** What a week is counted in. */
export const NEED_LABELS: Record<Need, string> = { ...EMPHASIS_LABELS, 'knee-bend': 'leg curls' };

export const DUE_LABELS: Record<Due, string> = {
  'limits-ask': 'Ask about limits again',
  'screen-again': 'Watch them move again',
  review: 'A session waits for its review',
  'plan-missed': 'A day was missed',
  'lighter-due': 'A lighter week is due',
  'lighter-week': 'This week is a lighter one',
  'block-ends': 'The block ends here',
};
