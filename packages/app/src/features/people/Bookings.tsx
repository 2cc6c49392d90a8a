import type { BookingId } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import type { BookingDto, PersonDto } from '@drubo/contracts';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { BookingDialog } from './BookingDialog';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.bookings;

/** How many of the bookings ahead are shown before asking for all. */
const SHOWN = 3;

/** When this person comes. A cancelled booking can be brought back at once. */
export const Bookings = ({ person, bookings }: { person: PersonDto; bookings: readonly BookingDto[] }) => {
  const writer = useWriter();
  const snack = useSnack();
  const [isOpen, setOpen] = useState(false);
  const [isAll, setAll] = useState(false);
  const ahead = bookings
    .filter(({ cancelled }) => !cancelled)
    .sort((a, b) => a.date.localeCompare(b.date) || a.time.localeCompare(b.time));
  const setCancelled = (bookingId: BookingId, cancelled: boolean) =>
    writer.log({
      endpointId: 'setBookingCancelled',
      params: { bookingId },
      body: { cancelled },
      aggregate: personAggregate(person.id),
    });
  const cancel = async ({ id, date, time }: BookingDto) => {
    await setCancelled(id, true);
    snack({ text: words.cancelled(formatDay(date), time), undo: () => void setCancelled(id, false) });
  };
  return (
    <Card>
      <Row gap="s" style={styles.row}>
        <Heading style={styles.grow}>{words.bookings}</Heading>
        {person.archivedAt === null && (
          <Button label={words.book} icon="plus" says={words.bookASession} onPress={() => setOpen(true)} />
        )}
      </Row>
      {ahead.length === 0 && <Txt tone="quiet">{words.noneAhead}</Txt>}
      {ahead.slice(0, isAll ? undefined : SHOWN).map((booking) => (
        <Row key={booking.id} gap="s" style={styles.row}>
          <Txt style={styles.grow}>
            {formatDay(booking.date)}, {booking.time}
          </Txt>
          <IconButton
            icon="close"
            says={words.cancel(formatDay(booking.date), booking.time)}
            onPress={() => void cancel(booking)}
          />
        </Row>
      ))}
      {ahead.length > SHOWN && (
        <Button look="quiet" label={isAll ? words.fewer : words.all(ahead.length)} onPress={() => setAll(!isAll)} />
      )}
      {isOpen && <BookingDialog person={person} onClose={() => setOpen(false)} />}
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { minHeight: 40 },
  grow: { flexGrow: 1, flexShrink: 1 },
});
