import type { ReasonValues } from '@drubo/core/vocabulary';
import { COACH_WORDS } from './reasons/coach';
import { COMPOSE_WORDS } from './reasons/compose';
import { HEALTH_WORDS } from './reasons/health';
import { JUDGE_WORDS } from './reasons/judge';
import { KNOWLEDGE_WORDS } from './reasons/knowledge';
import { PLAN_WORDS } from './reasons/plan';
import { SCREENING_WORDS } from './reasons/screening';
import { SESSION_WORDS } from './reasons/session';
import { STRENGTH_WORDS } from './reasons/strength';
import { WEEK_WORDS } from './reasons/weeks';
import type { WordsFor } from './reasons/types';

export type { WordingContext } from './reasons/types';

/** The one place reasons become sentences. Plain, short, second person to the trainer. */
export const WORDING: WordsFor<ReasonValues> = {
  ...PLAN_WORDS,
  ...JUDGE_WORDS,
  ...COACH_WORDS,
  ...STRENGTH_WORDS,
  ...KNOWLEDGE_WORDS,
  ...HEALTH_WORDS,
  ...SCREENING_WORDS,
  ...COMPOSE_WORDS,
  ...SESSION_WORDS,
  ...WEEK_WORDS,
};
