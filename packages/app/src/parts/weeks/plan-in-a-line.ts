import type { PersonPlanDto } from '@drubo/contracts';
import { nextDay } from '@drubo/core/weeks';
import { DAY_ROLE_SHORT, inSentence } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';

const words = weeksWords.line;

/** Where somebody's plan stands, in one line; null: they have none. */
export const planInALine = (kept: PersonPlanDto | undefined, today: number): string | null => {
  if (!kept?.plan) return null;
  const next = nextDay(kept.plan, kept.trained, today);
  if (!next) return words.over;
  const { week, day, block } = next;
  const say = week.kind === 'lighter' ? words.lighter : words.block;
  return say(week.index + 1, block.weeks.length, inSentence(DAY_ROLE_SHORT[day.role]));
};
