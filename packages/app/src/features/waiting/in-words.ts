import type { BodyOf, WriteId } from '@drubo/contracts';
import type { StoredCommand } from '../../data/offline/types';

/** Every write by what it is about. */
export const WRITE_NAMES: Record<WriteId, string> = {
  savePerson: 'Person’s details',
  setPersonArchived: 'Archiving or restoring a person',
  saveIntake: 'Answers of an intake',
  saveRecord: 'A note on a person',
  setRecordRemoved: 'Taking a note away',
  saveKit: 'A kit',
  removeKit: 'Removing a kit',
  erasePerson: 'Erasing a person',
  saveBooking: 'Booking',
  setBookingCancelled: 'Cancelling a booking',
  saveSheet: 'Change on a sheet',
  copySheet: 'Copy of a sheet',
  removeCopy: 'Taking a copy away',
  saveTemplate: 'A template',
  removeTemplate: 'Throwing a template away',
  bringBack: 'Bringing an exercise back',
  startSession: 'Start of a session',
  logSet: 'Set',
  finishSession: 'End of a session',
  discardSession: 'Discarding a session',
  acceptReview: 'Review',
  saveMovement: 'A movement of your own',
  setMovementRetired: 'A movement retired or brought back',
  saveStudio: 'Studio details',
};

/** What a queued write is, as a trainer would say it. */
export const inWords = ({ endpointId, body }: Pick<StoredCommand, 'endpointId' | 'body'>): string => {
  if (endpointId === 'logSet') {
    const { setIndex, reps, removed } = body as unknown as BodyOf<'logSet'>;
    return `${removed ? 'Undoing set' : 'Set'} ${setIndex + 1}: ${reps ?? '–'} reps`;
  }
  if (endpointId === 'savePerson') return `Details of ${String(body['name'])}`;
  if (endpointId === 'saveBooking') return `Booking on ${String(body['date'])}, ${String(body['time'])}`;
  return WRITE_NAMES[endpointId];
};
