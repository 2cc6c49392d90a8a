import type { SessionDetailDto, SessionRecordKind, WriteId } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatLoad } from '@drubo/words/explain';
import type { StoredCommand, StoredOf } from '../../data/offline/types';

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
  saveSessionRecord: 'Something about a session',
  finishSession: 'End of a session',
  discardSession: 'Discarding a session',
  acceptReview: 'Review',
  saveMovement: 'A movement of your own',
  setMovementRetired: 'A movement retired or brought back',
  saveStudio: 'Studio details',
};

/** What is kept about a session beside its sets. */
const RECORD_NAMES: Record<SessionRecordKind, string> = {
  add: 'An exercise added to a session',
  swap: 'A stand-in in a session',
  sets: 'Other sets in a session',
  leave: 'An exercise left for the day',
  pair: 'Two exercises in turn',
  dose: 'An easier dose for the day',
  'check-in': 'A check-in',
  note: 'A note on a session',
  'passed-over': 'Advice passed over',
  after: 'What was said after a session',
};

/** A set that found no session, as a line on the person's page. */
export const asNote = (set: StoredOf<'logSet'>['body'], { sheet, session }: SessionDetailDto): string => {
  const variationId = sheet.items.find(({ id }) => id === set.itemId)?.variationId ?? '';
  const name = findVariation(builtInCatalogue, variationId)?.name ?? 'An exercise';
  const amount = set.seconds === null ? `${set.reps ?? '–'} reps` : `${set.seconds} s`;
  const reserve = set.reserve === null ? '' : `, ${set.reserve} in reserve`;
  return `${name}, set ${set.setIndex + 1}: ${amount}, ${formatLoad(set)}${reserve}. Logged on ${session.date} and not counted: the session was discarded.`;
};

/** What a queued write is, as a trainer would say it. */
export const inWords = (command: StoredCommand): string => {
  switch (command.endpointId) {
    case 'logSet': {
      const { setIndex, reps, seconds, removed } = command.body;
      const amount = seconds === null || seconds === undefined ? `${reps ?? '–'} reps` : `${seconds} s`;
      return `${removed ? 'Undoing set' : 'Set'} ${setIndex + 1}: ${amount}`;
    }
    case 'saveSessionRecord':
      return `${command.body.removed ? 'Undoing: ' : ''}${RECORD_NAMES[command.body.fields.kind]}`;
    case 'savePerson':
      return `Details of ${command.body.name}`;
    case 'saveBooking':
      return `Booking on ${command.body.date}, ${command.body.time}`;
    default:
      return WRITE_NAMES[command.endpointId];
  }
};
