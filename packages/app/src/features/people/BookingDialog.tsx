import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { endpoints } from '@drubo/contracts';
import type { PersonDto } from '@drubo/contracts';
import { newId } from '../../data/ids';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { DateTimeField } from '../../ui/DateTimeField';
import { todayIn } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { common } from '@drubo/words/screens/common';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.bookingDialog;

const { date: dateSchema, time: timeSchema } = endpoints.saveBooking.body.shape;

/** A date and a time in the studio's time zone. */
export const BookingDialog = ({ person, onClose }: { person: PersonDto; onClose(): void }) => {
  const { studio } = useStudio();
  const writer = useWriter();
  const snack = useSnack();
  const today = todayIn(studio.timeZone);
  const [bookingId] = useState(newId);
  const [date, setDate] = useState(today);
  const [time, setTime] = useState('09:00');
  const [isTried, setTried] = useState(false);
  const dateError = !dateSchema.safeParse(date).success ? words.dateMustBeA : date < today ? words.dateLiesInThe : undefined;
  const timeError = timeSchema.safeParse(time).success ? undefined : words.timeMustBeHh;
  const book = async () => {
    setTried(true);
    if (dateError || timeError) return;
    await writer.log({
      endpointId: 'saveBooking',
      params: { bookingId },
      body: { personId: person.id, date, time },
      aggregate: personAggregate(person.id),
    });
    snack({ text: words.isBookedFor(person.name, formatDay(date), time) });
    onClose();
  };
  return (
    <Modal
      title={words.book(person.name)}
      onClose={onClose}
      closes={common.cancel}
      actions={<Button look="main" label={words.bookAtStart} disabled={!writer.isReady} onPress={() => void book()} />}
    >
      <Wrap gap="m">
        <DateTimeField
          label={words.date}
          type="date"
          value={date}
          min={today}
          onChange={setDate}
          error={isTried ? dateError : undefined}
        />
        <DateTimeField label={words.time} type="time" value={time} onChange={setTime} error={isTried ? timeError : undefined} />
      </Wrap>
      <Txt kind="small" tone="quiet">
        {words.inTheStudiosTime(studio.timeZone)}
      </Txt>
    </Modal>
  );
};
