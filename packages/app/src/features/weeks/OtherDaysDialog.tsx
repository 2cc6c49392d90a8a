import { useState } from 'react';
import { replan, soFarOf } from '@drubo/core/weeks';
import type { WeekdayPlace } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useComposing } from '../../data/use-composing';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';
import { WeekdayPlaces } from './WeekdayPlaces';
import { Weekdays } from './Weekdays';

const words = weeksWords.days;

/** Other days of the week from now on; what the person wants or may by now follows with them. */
export const OtherDaysDialog = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const { plan, kept, today, detail } = weeks;
  const { input } = useComposing(detail.nextSheet);
  const [weekdays, setWeekdays] = useState<readonly number[]>(plan.weekdays);
  const [places, setPlaces] = useState<readonly WeekdayPlace[]>(plan.places ?? []);
  const [problem, setProblem] = useState<string | null>(null);
  const see = () => {
    if (!input) return;
    if (weekdays.length === 0) return setProblem(weeksWords.begin.noDay);
    const wish = { from: today, weekdays, places, firstDay: kept.firstDay, isSplit: plan.isSplit };
    const lines = replan(input, plan, wish, soFarOf(kept.trained, today).done);
    if (lines.length === 0) return setProblem(words.nothing);
    weeks.ask({ lines, weekdays, places });
    onClose();
  };
  return (
    <Modal
      title={words.title}
      onClose={onClose}
      closes={words.cancel}
      problem={problem}
      actions={<Button look="main" label={words.see} busy={!input} onPress={see} />}
    >
      <Weekdays values={weekdays} onChange={setWeekdays} />
      <WeekdayPlaces detail={detail} weekdays={weekdays} values={places} onChange={setPlaces} />
      {!input && <Txt tone="quiet">{weeksWords.begin.composing}</Txt>}
    </Modal>
  );
};
