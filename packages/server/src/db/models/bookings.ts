import type { PersonId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface BookingRow {
  studioId: string;
  id: string;
  personId: PersonId;
  /** Wall-clock day and time in the studio's time zone. */
  date: string;
  time: string;
  cancelled: boolean;
}

export const bookings = defineTable<BookingRow>('bookings', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  personId: 'text',
  date: 'text',
  time: 'text',
  cancelled: 'flag',
});
