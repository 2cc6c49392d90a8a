import type { PlanAheadDto } from '@drubo/contracts';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';

const words = weeksWords.line;

/** What a day on the floor is of somebody's plan. */
export const dayInALine = ({ role, week, weeks, kind }: PlanAheadDto): string =>
  (kind === 'lighter' ? words.lighterToday : words.today)(DAY_ROLE_SHORT[role], week, weeks);
