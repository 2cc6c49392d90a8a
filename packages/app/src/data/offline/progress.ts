import type { SessionId } from '@drubo/core/vocabulary';
import { sessionIdFor } from '@drubo/contracts';
import type { SheetDto } from '@drubo/contracts';
import { pathId } from './types';
import type { StoredCommand } from './types';

/** Where a sheet's session stands, this device's unsent writes counted in. */
export interface SheetProgress {
  /** The number of the next try. */
  attempt: number;
  liveSessionId: SessionId | null;
  /** Finished here and not yet known to the server as finished. */
  finishedSessionId: SessionId | null;
}

/**
 * Progress of a sheet as this device knows it: a try discarded here counts at once, a session started here is running,
 * one finished here is no longer.
 */
export const progressOfSheet = (
  sheet: Pick<SheetDto, 'id' | 'attempt'>,
  liveSessionId: SessionId | null,
  commands: readonly StoredCommand[],
): SheetProgress => {
  const has = (endpointId: StoredCommand['endpointId'], sessionId: SessionId) =>
    commands.some(
      (command) =>
        command.endpointId === endpointId && pathId(command, 'sessionId') === sessionId && command.state !== 'needs-you',
    );
  let { attempt } = sheet;
  while (has('discardSession', sessionIdFor(sheet.id, attempt))) attempt += 1;
  const current = sessionIdFor(sheet.id, attempt);
  const isFinished = has('finishSession', current);
  const isLive = !isFinished && (liveSessionId === current || has('startSession', current));
  return { attempt, liveSessionId: isLive ? current : null, finishedSessionId: isFinished ? current : null };
};
