import { toBooking } from '../db/mappers/rows';
import { findBooking } from '../shared/find';
import type { Operation } from '../shared/work';

export const setBookingCancelled: Operation<'setBookingCancelled'> = async ({ scope }, { params, body }) => {
  const row = await findBooking(scope, params.bookingId);
  await scope.update('bookings', { cancelled: body.cancelled }, { id: row.id });
  return toBooking({ ...row, cancelled: body.cancelled });
};
