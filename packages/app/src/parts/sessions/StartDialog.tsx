import { useState } from 'react';
import type { SheetDto } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import { counted } from '@drubo/words/explain';
import { useStart } from '../../data/use-start';
import { Button } from '../../ui/Button';
import { DateTimeField } from '../../ui/DateTimeField';
import { todayIn } from '../../ui/days';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';

/** A session written on paper is dated back this far at most, so that a slip of the year is caught. House default. */
const DAYS_BACK = 60;

/** The other ways to begin: without a sheet, or from what was written on paper. */
export const StartDialog = ({ sheet, attempt, onClose }: { sheet: SheetDto; attempt: number; onClose(): void }) => {
  const { studio } = useStudio();
  const { start, startUnplanned, isReady } = useStart();
  const [now] = useState(Date.now);
  const today = todayIn(studio.timeZone);
  const [date, setDate] = useState(addDays(today, -1));
  const [time, setTime] = useState('17:00');
  const startedAt = new Date(`${date}T${time}:00`);
  const isTime = !Number.isNaN(startedAt.getTime());
  const dateError = !isTime
    ? 'Date and time must be filled in'
    : startedAt.getTime() > now
      ? 'Date lies in the future'
      : date < addDays(today, -DAYS_BACK)
        ? `Date lies more than ${counted(DAYS_BACK, 'day')} back`
        : undefined;
  const paper = { entry: 'paper' as const, startedAt: isTime ? startedAt.toISOString() : '' };
  return (
    <Modal title={sheet.personName} onClose={onClose} closes="Close">
      <Stack gap="s">
        <Heading level={3}>Now</Heading>
        <Txt kind="small" tone="quiet">
          Begins empty; add what you do. The waiting sheet stays for another day.
        </Txt>
        <Button look="main" label="Start without a sheet" disabled={!isReady} onPress={() => void startUnplanned(sheet)} />
      </Stack>
      <Stack gap="s">
        <Heading level={3}>From paper</Heading>
        <Wrap gap="m">
          <DateTimeField label="Date" type="date" value={date} onChange={setDate} error={dateError} />
          <DateTimeField label="Began at" type="time" value={time} onChange={setTime} />
        </Wrap>
        <Button
          label="The sheet, as written down"
          disabled={!isReady || dateError !== undefined || sheet.items.length === 0}
          onPress={() => void start({ id: sheet.id, attempt }, paper)}
        />
        <Button
          label="Something else than the sheet"
          disabled={!isReady || dateError !== undefined}
          onPress={() => void startUnplanned(sheet, paper)}
        />
      </Stack>
    </Modal>
  );
};
