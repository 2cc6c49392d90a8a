import type { BodyOf, BookingDto } from '@drubo/contracts';
import type { StoredCommand } from '../../data/offline/types';

/** A person's bookings with this device's unsent ones and cancellations on top, soonest first. */
export const bookingsWithCommands = (
  bookings: readonly BookingDto[],
  commands: readonly StoredCommand[],
  personId: string,
): BookingDto[] => {
  const byId = new Map(bookings.map((booking) => [booking.id, booking]));
  for (const { endpointId, params, body, state } of commands) {
    if (state !== 'waiting') continue;
    const id = params['bookingId'] ?? '';
    if (endpointId === 'saveBooking') {
      const made = body as unknown as BodyOf<'saveBooking'>;
      if (made.personId === personId) byId.set(id, { id, personId, date: made.date, time: made.time, cancelled: false });
    }
    const known = byId.get(id);
    if (endpointId === 'setBookingCancelled' && known) byId.set(id, { ...known, cancelled: Boolean(body['cancelled']) });
  }
  return [...byId.values()]
    .filter((booking) => !booking.cancelled)
    .sort((a, b) => a.date.localeCompare(b.date) || a.time.localeCompare(b.time));
};
