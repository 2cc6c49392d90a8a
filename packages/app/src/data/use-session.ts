import type { SessionId, SheetId } from '@drubo/core/vocabulary';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { PersonDetailDto, SheetDto } from '@drubo/contracts';
import { keyOf } from './keys';
import { begun } from './offline/begun';
import { sheetOfSession } from './offline/lines';
import { useCommands } from './offline/QueueProvider';
import { withWrites } from './offline/reducers';
import { useEndpoint } from './use-endpoint';

/** A sheet from the cache, wherever it was read: on its own, or on the person's page. */
const useCachedSheet = (sheetId: SheetId): SheetDto | undefined => {
  const client = useQueryClient();
  const own = client.getQueryData<SheetDto>(keyOf('getSheet', { params: { sheetId } }));
  return (
    own ??
    client
      .getQueriesData<PersonDetailDto>({ queryKey: ['getPerson'] })
      .map(([, person]) => person?.nextSheet)
      .find((sheet) => sheet?.id === sheetId)
  );
};

/** A sheet with unsent edits on it. */
export const useSheet = (sheetId: SheetId) => {
  // Read again whenever it is opened: another screen may have changed it a moment ago.
  const query = useEndpoint('getSheet', { params: { sheetId } }, { staleTime: 0 });
  const cached = useCachedSheet(sheetId);
  const commands = useCommands();
  const sheet = useMemo(() => {
    const base = query.data ?? cached;
    return base && withWrites('getSheet', base, commands);
  }, [query.data, cached, commands]);
  return { ...query, sheet };
};

/** How often a running session is read again, for what another phone logs. */
const OTHER_PHONE_MS = 20_000;

/** A session with everything this device logged on it, sent or not. */
export const useSession = (sessionId: SessionId) => {
  const query = useEndpoint('getSession', { params: { sessionId } }, { refetchInterval: OTHER_PHONE_MS });
  const cached = useCachedSheet(sheetOfSession(sessionId).sheetId);
  const commands = useCommands();
  const detail = useMemo(() => {
    const base = query.data ?? begun(sessionId, cached && withWrites('getSheet', cached, commands), commands);
    return base && withWrites('getSession', base, commands);
  }, [sessionId, query.data, cached, commands]);
  return { ...query, detail };
};
