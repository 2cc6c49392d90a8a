import type { BookingDto } from '@drubo/contracts';
import type { StoredCommand } from '../../data/offline/types';

/** A person's bookings with this device's unsent ones and cancellations on top, soonest first. */
export const bookingsWithCommands = (
  bookings: readonly BookingDto[],
  commands: readonly StoredCommand[],
  personId: string,
): BookingDto[] => {
  const byId = new Map(bookings.map((booking) => [booking.id, booking]));
  for (const command of commands) {
    if (command.state !== 'waiting') continue;
    if (command.endpointId === 'saveBooking' && command.body.personId === personId) {
      const { bookingId: id } = command.params;
      byId.set(id, { id, ...command.body, cancelled: false });
    }
    if (command.endpointId === 'setBookingCancelled') {
      const known = byId.get(command.params.bookingId);
      if (known) byId.set(known.id, { ...known, cancelled: command.body.cancelled });
    }
  }
  return [...byId.values()]
    .filter((booking) => !booking.cancelled)
    .sort((a, b) => a.date.localeCompare(b.date) || a.time.localeCompare(b.time));
};
