import type { KitId } from '@drubo/core/vocabulary';
import { useState } from 'react';
import type { DayView } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { dateOfDay } from '../../ui/days';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';
import { dayAfterDays } from './free-days';

const words = weeksWords.dialog;
const STEP_MINUTES = 5;
const LEAST_MINUTES = 10;

/** Moves a day, puts it elsewhere, makes it shorter, or leaves it out. */
export const DayDialog = ({ weeks, view, onClose }: { weeks: Weeks; view: DayView; onClose(): void }) => {
  const { detail, edit, move, writer } = weeks;
  const { day, on } = view;
  const own = detail.person.minutes;
  const [kitId, setKitId] = useState<KitId | 'usual'>(day.kitId ?? 'usual');
  const [minutes, setMinutes] = useState(day.minutes ?? own);
  const free = dayAfterDays(weeks, view);
  const others = detail.kits.filter(({ id }) => id !== detail.nextSheet.kit.id || id === day.kitId);
  const then = (work: Promise<void>): void => {
    void work;
    onClose();
  };
  const here = {
    kind: 'here' as const,
    dayId: day.id,
    kitId: kitId === 'usual' ? null : kitId,
    minutes: minutes === own ? null : minutes,
  };
  const isOther = here.kitId !== day.kitId || here.minutes !== day.minutes;
  return (
    <Modal title={words.title(DAY_ROLE_LABELS[day.role], formatDay(dateOfDay(on)))} onClose={onClose} closes={words.cancel}>
      <Stack gap="xs">
        <Txt kind="small" tone="quiet">
          {words.moveTo}
        </Txt>
        <Wrap gap="s">
          {free.map((date) => (
            <Button
              key={date}
              label={formatDay(dateOfDay(date))}
              disabled={!writer.isReady}
              onPress={() => then(move(day, date))}
            />
          ))}
        </Wrap>
      </Stack>
      <Choices<KitId | 'usual'>
        label={words.place}
        options={[
          { value: 'usual' as const, label: words.usual },
          ...others.map(({ id, name }) => ({ value: id as KitId | 'usual', label: name })),
        ]}
        value={kitId}
        onChange={setKitId}
      />
      <Row gap="m">
        <Stepper
          label={words.minutes}
          value={String(minutes)}
          note={minutes === own ? words.asUsual : words.min}
          onDown={minutes > LEAST_MINUTES ? () => setMinutes(minutes - STEP_MINUTES) : null}
          onUp={minutes < own ? () => setMinutes(Math.min(own, minutes + STEP_MINUTES)) : null}
        />
      </Row>
      <Txt kind="small" tone="quiet">
        {words.history}
      </Txt>
      <Wrap gap="s">
        <Button look="main" label={words.put} disabled={!isOther || !writer.isReady} onPress={() => then(edit(here))} />
        <Button
          look="danger"
          label={words.leaveOut}
          disabled={!writer.isReady}
          onPress={() => then(edit({ kind: 'left', dayId: day.id }))}
        />
      </Wrap>
    </Modal>
  );
};
