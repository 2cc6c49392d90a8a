import type { SessionId } from '@drubo/core/vocabulary';
import { useMemo } from 'react';
import { sheetOfSession } from './offline/lines';
import { useCommands } from './offline/QueueProvider';
import { useEndpoint } from './use-endpoint';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.useRunning;

/** A session that runs now, as this device knows it. */
export interface Running {
  sessionId: SessionId;
  name: string;
}

/** Every running session of the studio: what the server last said, with what was started and ended here on top. */
export const useRunning = (): Running[] => {
  const { data: floor } = useEndpoint('getFloor');
  const { data: people } = useEndpoint('listPeople');
  const commands = useCommands();
  return useMemo(() => {
    const found = new Map<string, string>();
    for (const { liveSessionId, person } of floor?.entries ?? []) if (liveSessionId) found.set(liveSessionId, person.name);
    for (const { session, personName } of floor?.otherLive ?? []) found.set(session.id, personName);
    for (const command of commands) {
      if (command.state === 'needs-you') continue;
      if (command.endpointId === 'startSession' && command.state === 'waiting') {
        const { sessionId } = command.params;
        const entry = floor?.entries.find(({ nextSheet }) => nextSheet?.id === sheetOfSession(sessionId).sheetId);
        const name = entry?.person.name ?? people?.find(({ id }) => id === command.body.unplannedFor)?.name;
        found.set(sessionId, name ?? words.somebody);
      }
      if (command.endpointId === 'finishSession' || command.endpointId === 'discardSession')
        found.delete(command.params.sessionId);
    }
    return [...found].map(([sessionId, name]) => ({ sessionId, name }));
  }, [floor, people, commands]);
};
