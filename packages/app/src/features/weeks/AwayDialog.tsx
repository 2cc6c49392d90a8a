import { useState } from 'react';
import { dayNumber } from '@drubo/core';
import { openLines, soFarOf } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';
import { Button } from '../../ui/Button';
import { DateTimeField } from '../../ui/DateTimeField';
import { dateOfDay } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import type { Weeks } from './use-weeks';

const words = weeksWords.away;

/** A holiday: from when to when, and then what follows. */
export const AwayDialog = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const { plan, kept, today, missed } = weeks;
  const [from, setFrom] = useState(dateOfDay(today + 1));
  const [to, setTo] = useState(dateOfDay(today + 7));
  const [problem, setProblem] = useState<string | null>(null);
  const see = () => {
    if (!(from <= to)) return setProblem(words.order);
    if (dayNumber(from) < today) return setProblem(words.past);
    const edit = { kind: 'away' as const, from: dayNumber(from), to: dayNumber(to) };
    const lines = openLines(plan, soFarOf(kept.trained, today), [edit]);
    if (lines.length === missed.length) return setProblem(words.nothing);
    weeks.ask({ lines });
    onClose();
  };
  return (
    <Modal
      title={words.title}
      onClose={onClose}
      closes={words.cancel}
      problem={problem}
      actions={<Button look="main" label={words.see} onPress={see} />}
    >
      <Wrap gap="m">
        <DateTimeField label={words.from} type="date" value={from} min={dateOfDay(today)} onChange={setFrom} />
        <DateTimeField label={words.to} type="date" value={to} min={from} onChange={setTo} />
      </Wrap>
    </Modal>
  );
};
