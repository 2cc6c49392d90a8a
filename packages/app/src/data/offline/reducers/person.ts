import type { BookingDto, PersonDetailDto, PersonRecordDto } from '@drubo/contracts';
import type { StoredOf } from '../types';
import { planReducers } from './plan';
import type { ReducersOf } from './reducer';
import { nextRevision, withRevision } from './revised';
import { withBroughtBack, withSavedSheet } from './sheet';

type Detail = PersonDetailDto;

const withIntake = (detail: Detail, { params, body, reply }: StoredOf<'saveIntake'>): Detail => {
  if (params.personId !== detail.person.id) return detail;
  if (reply) {
    const { savedAt, ...intake } = reply;
    const isNewer = savedAt !== undefined && savedAt > (detail.intakeSavedAt ?? '');
    return isNewer ? { ...detail, intake, intakeSavedAt: savedAt } : detail;
  }
  const given = Object.fromEntries(Object.entries(body.fields).filter(([, value]) => value !== undefined));
  return { ...detail, intake: { ...detail.intake, ...given } };
};

const knownIn = ({ records, gone = [] }: Detail) => ({ rows: records, gone });

const withRecordRow = (detail: Detail, record: PersonRecordDto): Detail => {
  const { rows, gone } = withRevision(knownIn(detail), record);
  return { ...detail, records: [...rows], gone };
};

/** What the server fills in of a record that waits. */
const filledIn = (detail: Detail, write: StoredOf<'saveRecord' | 'setRecordRemoved'>) => ({
  revision: nextRevision(knownIn(detail), write.params.recordId),
  savedAt: new Date(write.queuedAt).toISOString(),
});

const withRecord = (detail: Detail, write: StoredOf<'saveRecord'>): Detail => {
  const { personId, recordId: id } = write.params;
  if (personId !== detail.person.id) return detail;
  const trainerId = detail.records.find((record) => record.id === id)?.trainerId ?? '';
  const { fields } = write.body;
  return withRecordRow(detail, write.reply ?? { id, personId, removed: false, trainerId, ...filledIn(detail, write), fields });
};

/** What was taken away before it was read here can only come back with the server's answer. */
const withRecordRemoved = (detail: Detail, write: StoredOf<'setRecordRemoved'>): Detail => {
  if (write.params.personId !== detail.person.id) return detail;
  const known = detail.records.find(({ id }) => id === write.params.recordId);
  const record = write.reply ?? (known && { ...known, ...filledIn(detail, write), removed: write.body.removed });
  return record ? withRecordRow(detail, record) : detail;
};

/** A booking has no revisions: what was read since its answer is newer. */
const withBooking = (detail: Detail, { params, body, reply }: StoredOf<'saveBooking'>): Detail => {
  if (reply || body.personId !== detail.person.id) return detail;
  const id = params.bookingId;
  const { personId, date, time } = body;
  const booking: BookingDto = { id, personId, date, time, cancelled: false };
  return { ...detail, bookings: [...detail.bookings.filter((other) => other.id !== id), booking] };
};

/** A cancelled one stays among them, marked, so that it can be brought back. */
const withBookingCancelled = (detail: Detail, { params, body, reply }: StoredOf<'setBookingCancelled'>): Detail => {
  const marked = (one: BookingDto) => (one.id === params.bookingId ? { ...one, cancelled: body.cancelled } : one);
  return reply ? detail : { ...detail, bookings: detail.bookings.map(marked) };
};

/** The next sheet as a write leaves it; the page itself where that is about another sheet. */
const withNextSheet = (detail: Detail, nextSheet: Detail['nextSheet']): Detail =>
  nextSheet === detail.nextSheet ? detail : { ...detail, nextSheet };

/** What this device's writes make of a person's page. What their next sheet makes of it is the server's to say. */
export const personReducers: ReducersOf<'getPerson'> = {
  ...planReducers,
  saveIntake: withIntake,
  saveRecord: withRecord,
  setRecordRemoved: withRecordRemoved,
  saveBooking: withBooking,
  setBookingCancelled: withBookingCancelled,
  saveSheet: (detail, write) => withNextSheet(detail, withSavedSheet(detail.nextSheet, write)),
  bringBack: (detail, write) => withNextSheet(detail, withBroughtBack(detail.nextSheet, write)),
};
