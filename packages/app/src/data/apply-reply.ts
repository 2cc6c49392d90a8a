import type { QueryClient } from '@tanstack/react-query';
import type { ReplyOf } from '@drubo/contracts';
import { keyOf } from './keys';
import { READS, withWrite } from './offline/reducers';
import type { Read } from './offline/reducers/reducer';
import type { StoredCommand } from './offline/types';

/** Every page of one kind that was read, as an answered write leaves it. */
const changePages = <Q extends Read>(client: QueryClient, read: Q, write: StoredCommand): void => {
  for (const [queryKey, before] of client.getQueriesData<ReplyOf<Q>>({ queryKey: [read] })) {
    if (!before) continue;
    const after = withWrite(read, before, write);
    if (after !== before) client.setQueryData(queryKey, after);
  }
};

/** What only the answer itself can say. */
const keepAnswer = (client: QueryClient, write: StoredCommand): void => {
  switch (write.endpointId) {
    case 'saveSheet':
    case 'bringBack': {
      if (!write.reply) break;
      const key = keyOf('getSheet', { params: { sheetId: write.reply.id } });
      // A read that began before this answer would put an older version over it, and the next edit would name that one.
      void client.cancelQueries({ queryKey: key }, { revert: false });
      client.setQueryData(key, write.reply);
      break;
    }
    case 'startSession':
      if (write.reply) client.setQueryData(keyOf('getSession', { params: write.params }), write.reply);
      break;
    case 'acceptReview':
      client.setQueryData(keyOf('getReview', { params: write.params }), write.reply);
      break;
    case 'erasePerson':
      client.removeQueries({ queryKey: ['getPerson', write.params] });
      void client.invalidateQueries({ queryKey: ['getOfflinePack'] });
      break;
    case 'withdrawConsent':
      // It says what is to leave this device.
      void client.invalidateQueries({ queryKey: ['getOfflinePack'] });
      break;
    default:
      break;
  }
};

/** One set changes no list, and of what is kept beside the sets only what is said afterwards is shown anywhere else. */
const isOwnPageOnly = (write: StoredCommand): boolean =>
  write.endpointId === 'logSet' || (write.endpointId === 'saveSessionRecord' && write.body.fields.kind !== 'after');

/** Puts what the server answered into the query cache, and has everything it may have changed read again. */
export const applyReply = (client: QueryClient, write: StoredCommand): void => {
  for (const read of READS) changePages(client, read, write);
  keepAnswer(client, write);
  // Reading every list again after each tap would only cost battery.
  if (isOwnPageOnly(write)) return;
  // The offline pack is big and repeats what the screens read; it keeps its own hour.
  void client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'getOfflinePack' });
};
