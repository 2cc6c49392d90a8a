import { useState } from 'react';
import type { SheetDto } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import { useStart } from '../../data/use-start';
import { Button } from '../../ui/Button';
import { DateTimeField } from '../../ui/DateTimeField';
import { todayIn } from '../../ui/days';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { common } from '@drubo/words/screens/common';
import { partsSessionsWords } from '@drubo/words/screens/parts-sessions';

const words = partsSessionsWords.startDialog;

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
    ? words.dateAndTimeMust
    : startedAt.getTime() > now
      ? words.dateLiesInThe
      : date < addDays(today, -DAYS_BACK)
        ? words.dateLiesMoreThan(DAYS_BACK)
        : undefined;
  const paper = { entry: 'paper' as const, startedAt: isTime ? startedAt.toISOString() : '' };
  return (
    <Modal title={sheet.personName} onClose={onClose} closes={common.close}>
      <Stack gap="s">
        <Heading level={3}>{words.now}</Heading>
        <Txt kind="small" tone="quiet">
          {words.beginsEmptyAddWhat}
        </Txt>
        <Button look="main" label={words.startWithoutASheet} disabled={!isReady} onPress={() => void startUnplanned(sheet)} />
      </Stack>
      <Stack gap="s">
        <Heading level={3}>{words.fromPaper}</Heading>
        <Wrap gap="m">
          <DateTimeField label={words.date} type="date" value={date} onChange={setDate} error={dateError} />
          <DateTimeField label={words.beganAt} type="time" value={time} onChange={setTime} />
        </Wrap>
        <Button
          label={words.theSheetAsWritten}
          disabled={!isReady || dateError !== undefined || sheet.items.length === 0}
          onPress={() => void start({ id: sheet.id, attempt }, paper)}
        />
        <Button
          label={words.somethingElseThanThe}
          disabled={!isReady || dateError !== undefined}
          onPress={() => void startUnplanned(sheet, paper)}
        />
      </Stack>
    </Modal>
  );
};
