import type { SessionDetailDto, SessionRecordKind, WriteId } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatLoad } from '@drubo/words/explain';
import type { StoredCommand, StoredOf } from '../../data/offline/types';
import { partsWritesWords } from '@drubo/words/screens/parts-writes';

const words = partsWritesWords.inWords;

/** Every write by what it is about. */
export const WRITE_NAMES: Record<WriteId, string> = words.writeNames;

/** What is kept about a session beside its sets. */
const RECORD_NAMES: Record<SessionRecordKind, string> = words.recordNames;

/** A set that found no session, as a line on the person's page. */
export const asNote = (set: StoredOf<'logSet'>['body'], { sheet, session }: SessionDetailDto): string => {
  const variationId = sheet.items.find(({ id }) => id === set.itemId)?.variationId ?? '';
  const name = findVariation(builtInCatalogue, variationId)?.name ?? words.anExercise;
  const amount = set.seconds === null ? words.reps(set.reps ?? '–') : words.s(set.seconds);
  const reserve = set.reserve === null ? '' : words.inReserve(set.reserve);
  return words.setLoggedOnAnd(name, set.setIndex + 1, amount, formatLoad(set), reserve, session.date);
};

/** What a queued write is, as a trainer would say it. */
export const inWords = (command: StoredCommand): string => {
  switch (command.endpointId) {
    case 'logSet': {
      const { setIndex, reps, seconds, removed } = command.body;
      const amount = seconds === null || seconds === undefined ? words.reps(reps ?? '–') : words.s(seconds);
      return `${removed ? words.undoingSet : words.set} ${setIndex + 1}: ${amount}`;
    }
    case 'saveSessionRecord':
      return `${command.body.removed ? words.undoing : ''}${RECORD_NAMES[command.body.fields.kind]}`;
    case 'savePerson':
      return words.detailsOf(command.body.name);
    case 'saveBooking':
      return words.bookingOn(command.body.date, command.body.time);
    default:
      return WRITE_NAMES[command.endpointId];
  }
};
