import { toBooking } from '../../db/mappers/rows';
import type { Handler } from '../../http/handler';
import { findBooking, findPerson, refuseErased } from '../../shared/find';
import { runCommand } from '../../shared/run-command';

export const saveBooking: Handler<'saveBooking'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveBooking', params, body }, async (scope) => {
    const { personId, date, time } = body;
    const id = params.bookingId;
    await refuseErased(scope, 'bookings', id);
    await findPerson(scope, personId);
    const row = { id, personId, date, time, cancelled: false };
    await scope.upsert('bookings', row);
    return row;
  });

export const setBookingCancelled: Handler<'setBookingCancelled'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'setBookingCancelled', params, body }, async (scope) => {
    const row = await findBooking(scope, params.bookingId);
    await scope.update('bookings', { cancelled: body.cancelled }, { id: row.id });
    return toBooking({ ...row, cancelled: body.cancelled });
  });
