import type { QueryClient } from '@tanstack/react-query';
import { currentSessionRecords } from '@drubo/contracts';
import type { ReplyOf } from '@drubo/contracts';
import { keyOf } from './keys';
import type { StoredCommand } from './offline/types';

/** Puts what the server answered into the query cache, and has everything it may have changed read again. */
export const applyReply = (client: QueryClient, command: StoredCommand): void => {
  switch (command.endpointId) {
    case 'saveSheet':
    case 'bringBack': {
      const sheet = command.reply;
      if (!sheet) break;
      const key = keyOf('getSheet', { params: { sheetId: sheet.id } });
      // A read that began before this answer would put an older version over it, and the next edit would name that one.
      void client.cancelQueries({ queryKey: key }, { revert: false });
      client.setQueryData(key, sheet);
      break;
    }
    case 'startSession': {
      const detail = command.reply;
      if (!detail) break;
      client.setQueryData(keyOf('getSession', { params: { sessionId: detail.session.id } }), detail);
      break;
    }
    case 'logSet': {
      const set = command.reply;
      if (!set) break;
      client.setQueryData<ReplyOf<'getSession'>>(
        keyOf('getSession', { params: { sessionId: set.sessionId } }),
        (before) => before && { ...before, sets: [...before.sets.filter((other) => other.id !== set.id), set] },
      );
      // One set changes no list; reading them all again after each tap would only cost battery.
      return;
    }
    case 'saveSessionRecord': {
      const record = command.reply;
      if (!record) break;
      client.setQueryData<ReplyOf<'getSession'>>(
        keyOf('getSession', { params: { sessionId: record.sessionId } }),
        (before) => before && { ...before, records: currentSessionRecords([...before.records, record]) },
      );
      // Only what is said afterwards is shown anywhere else.
      if (record.fields.kind !== 'after') return;
      break;
    }
    case 'acceptReview':
      client.setQueryData(keyOf('getReview', { params: command.params }), command.reply);
      break;
    case 'erasePerson':
      client.removeQueries({ queryKey: ['getPerson', command.params] });
      break;
    default:
      break;
  }
  // The offline pack is big and repeats what the screens read; it keeps its own hour.
  void client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'getOfflinePack' });
};
