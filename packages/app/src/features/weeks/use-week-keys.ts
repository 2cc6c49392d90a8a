import type { DayView } from '@drubo/core/weeks';
import type { Weeks } from './use-weeks';
import { useKeys } from '../../ui/use-keys';
import type { Days } from './use-days';

/** Arrows choose a day, Alt and an arrow moves it, Enter opens it. Each has a button too. */
export const useWeekKeys = ({
  weeks,
  days,
  index,
  chosen,
  choose,
  turn,
  isOn,
}: {
  weeks: Weeks;
  days: Days;
  index: number;
  chosen: DayView | null;
  choose(view: DayView | null, week: number): void;
  turn(by: number): void;
  isOn: boolean;
}): void => {
  const all = days.views.flatMap((view) => view.days.map((day) => ({ day, week: view.week.index })));
  const at = all.findIndex(({ day }) => day.day.id === chosen?.day.id);
  const step = (by: number): void => {
    const first = all.findIndex(({ week }) => week === index);
    const next = all[at < 0 ? Math.max(0, first) : at + by];
    if (next) choose(next.day, next.week);
  };
  const move = (by: number): void => {
    if (!chosen || chosen.state === 'done') return;
    const to = chosen.on + by;
    if (to >= weeks.today) void weeks.move(chosen.day, to);
  };
  useKeys({
    isOn,
    acts: {
      arrowleft: () => step(-1),
      arrowright: () => step(1),
      arrowup: () => turn(-1),
      arrowdown: () => turn(1),
      'alt·arrowleft': () => move(-1),
      'alt·arrowright': () => move(1),
      'alt·arrowup': () => move(-7),
      'alt·arrowdown': () => move(7),
      enter: () => chosen && days.open(chosen),
    },
    isElsewhere: (target, key) => key === 'Enter' && target.getAttribute('role') === 'button',
  });
};
