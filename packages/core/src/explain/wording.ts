import type { ReasonValues } from '../vocabulary';
import { COACH_WORDS } from './words/coach';
import { COMPOSE_WORDS } from './words/compose';
import { HEALTH_WORDS } from './words/health';
import { JUDGE_WORDS } from './words/judge';
import { KNOWLEDGE_WORDS } from './words/knowledge';
import { PLAN_WORDS } from './words/plan';
import { SCREENING_WORDS } from './words/screening';
import { SESSION_WORDS } from './words/session';
import { STRENGTH_WORDS } from './words/strength';
import type { WordsFor } from './words/types';

export type { WordingContext } from './words/types';

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
};
