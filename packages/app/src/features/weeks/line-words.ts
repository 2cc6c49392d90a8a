import type { KitDto } from '@drubo/contracts';
import type { Plan, PlanDay, PlanLine } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { dateOfDay } from '../../ui/days';

const words = weeksWords.follow;

const day = (value: number): string => formatDay(dateOfDay(value));

/** One line of what follows, in words. */
export const lineInWords = ({ block }: Plan, line: PlanLine, kits: readonly KitDto[]): string => {
  const known = (id: string): PlanDay | undefined => block.weeks.flatMap(({ days }) => days).find((one) => one.id === id);
  switch (line.kind) {
    case 'week-later':
      return words.weekLater(line.index + 1, day(line.from), day(line.to));
    case 'week-lighter':
      return words.weekLighter(line.index + 1);
    case 'added':
      return words.added(DAY_ROLE_SHORT[line.day.role], day(line.day.day));
    case 'aims':
      return words.aims;
    default: {
      const of = known(line.dayId);
      const role = of ? DAY_ROLE_SHORT[of.role] : '';
      if (line.kind === 'moved') return words.moved(role, day(line.from), day(line.to));
      if (line.kind === 'dropped') return words.dropped(role, day(line.from));
      if (line.kind === 'role') return words.role(of ? day(of.day) : '', DAY_ROLE_SHORT[line.from], DAY_ROLE_SHORT[line.role]);
      const place = kits.find(({ id }) => id === line.kitId);
      const where = [place ? words.at(place.name) : null, line.minutes === null ? null : words.min(line.minutes)];
      const told = where.filter((part) => part !== null);
      return words.here(role, of ? day(of.day) : '', told.length === 0 ? words.usual : told.join(', '));
    }
  }
};
