import { useRouter } from 'expo-router';
import type { DayView, PlanWeek, WeekView } from '@drubo/core/weeks';
import { weekView } from '@drubo/core/weeks';
import type { SheetState } from './DayCard';
import type { Weeks } from './use-weeks';

/** The days of a plan by the day of the calendar they stand on, and what opens each. */
export interface Days {
  views: readonly WeekView[];
  on(day: number): DayView[];
  sheetOf(view: DayView): SheetState;
  open(view: DayView): void;
}

export const useDays = (weeks: Weeks): Days => {
  const router = useRouter();
  const { plan, kept, today, detail } = weeks;
  const views = plan.block.weeks.flatMap(({ index }: PlanWeek) => weekView(plan, kept.trained, today, index) ?? []);
  const days = views.flatMap((view) => view.days);
  const keptFor = (view: DayView) => kept.kept.find(({ dayId }) => dayId === view.day.id);
  const isAgreed = ({ day }: DayView): boolean => kept.sheetDay === day.id;
  return {
    views,
    on: (day) => days.filter((view) => view.on === day),
    sheetOf: (view) => (isAgreed(view) ? 'agreed' : keptFor(view) ? 'kept' : 'proposed'),
    open: (view) => {
      const session = kept.trained.find(({ dayId }) => dayId === view.day.id);
      if (session) return router.push(`/sessions/${session.sessionId}`);
      const sheetId = isAgreed(view) ? detail.nextSheet.id : keptFor(view)?.sheetId;
      router.push(sheetId ? `/sheet/${sheetId}` : `/people/${detail.person.id}/weeks/${view.day.id}`);
    },
  };
};
