import { z } from 'zod';
import { command, id, localDate, localTime, text, version } from '../dto/basics';
import { booking, person, personFields } from '../dto/person';
import { floor, personDetail } from '../dto/views';
import { defineEndpoint } from './define';

const personParams = z.strictObject({ personId: id });
const bookingParams = z.strictObject({ bookingId: id });

export const peopleEndpoints = {
  getFloor: defineEndpoint({
    id: 'getFloor',
    method: 'GET',
    path: '/api/floor',
    summary: "A day's bookings, running sessions and sessions not reviewed; today when no date is given",
    query: z.strictObject({ date: localDate.optional() }),
    reply: floor,
  }),
  listPeople: defineEndpoint({
    id: 'listPeople',
    method: 'GET',
    path: '/api/people',
    summary: 'People by name, archived ones only when asked for',
    query: z.strictObject({ search: text(80).optional(), archived: z.enum(['yes', 'no']).optional() }),
    reply: z.array(person),
  }),
  getPerson: defineEndpoint({
    id: 'getPerson',
    method: 'GET',
    path: '/api/people/:personId',
    summary: 'One person with the next sheet, bookings and last sessions',
    target: 'needs-existing',
    params: personParams,
    reply: personDetail,
    errors: ['not-found', 'erased'],
  }),
  savePerson: defineEndpoint({
    id: 'savePerson',
    method: 'PUT',
    path: '/api/people/:personId',
    summary: 'Add a person (version 0) or change one',
    target: 'creates',
    params: personParams,
    body: z.strictObject({ command, version, ...personFields }),
    reply: person,
    errors: ['stale-version', 'erased'],
  }),
  setPersonArchived: defineEndpoint({
    id: 'setPersonArchived',
    method: 'PUT',
    path: '/api/people/:personId/archived',
    summary: 'Archive or restore a person',
    target: 'needs-existing',
    params: personParams,
    body: z.strictObject({ command, archived: z.boolean() }),
    reply: person,
    errors: ['not-found', 'erased'],
  }),
  erasePerson: defineEndpoint({
    id: 'erasePerson',
    method: 'POST',
    path: '/api/people/:personId/erase',
    summary: 'Delete a person and everything logged for them, for good',
    target: 'needs-existing',
    params: personParams,
    body: z.strictObject({ command }),
    reply: z.object({ erased: z.literal(true) }),
    errors: ['not-found', 'erased'],
  }),
  saveBooking: defineEndpoint({
    id: 'saveBooking',
    method: 'PUT',
    path: '/api/bookings/:bookingId',
    summary: 'Book a session on a date and time, or move one',
    target: 'creates',
    params: bookingParams,
    body: z.strictObject({ command, personId: id, date: localDate, time: localTime }),
    reply: booking,
    errors: ['not-found', 'erased'],
  }),
  setBookingCancelled: defineEndpoint({
    id: 'setBookingCancelled',
    method: 'PUT',
    path: '/api/bookings/:bookingId/cancelled',
    summary: 'Cancel a booking, or bring it back',
    target: 'needs-existing',
    params: bookingParams,
    body: z.strictObject({ command, cancelled: z.boolean() }),
    reply: booking,
    errors: ['not-found', 'erased'],
  }),
};
