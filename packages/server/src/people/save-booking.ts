import { findPerson, refuseErased } from '../shared/find';
import type { Operation } from '../shared/work';

export const saveBooking: Operation<'saveBooking'> = async ({ scope }, { params, body }) => {
  const { personId, date, time } = body;
  const id = params.bookingId;
  await refuseErased(scope, 'bookings', id);
  await findPerson(scope, personId);
  const row = { id, personId, date, time, cancelled: false };
  await scope.upsert('bookings', row);
  return row;
};
