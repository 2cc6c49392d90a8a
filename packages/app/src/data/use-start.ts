import type { SessionId } from '@drubo/core/vocabulary';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { sessionIdFor } from '@drubo/contracts';
import type { SheetDto } from '@drubo/contracts';
import { newId } from './ids';
import { keyOf } from './keys';
import { sheetAggregate } from './offline/lines';
import { progressOfSheet } from './offline/progress';
import { useCommands, useWriter } from './offline/QueueProvider';

/** When and how a session is entered: now, unless it comes from paper. */
export interface StartOptions {
  startedAt?: string;
  entry?: 'live' | 'paper';
  /** What is taken of the changes since the sheet was agreed; safety needs no taking. */
  taken?: readonly string[];
}

/**
 * Starts a session and goes to it: of a sheet, or without a plan on an empty sheet of its own. Works without a network;
 * starting twice joins the one session.
 */
export const useStart = () => {
  const router = useRouter();
  const writer = useWriter();
  const [isStarting, setStarting] = useState(false);
  const client = useQueryClient();
  const startOn = async (
    sheet: { id: string; attempt: number },
    { startedAt = new Date().toISOString(), entry = 'live', taken = [] }: StartOptions,
    unplannedFor?: string,
  ) => {
    setStarting(true);
    const sessionId = sessionIdFor(sheet.id, sheet.attempt);
    try {
      await writer.log({
        endpointId: 'startSession',
        params: { sessionId },
        body: {
          sheetId: sheet.id,
          startedAt,
          ...(entry === 'live' ? {} : { entry }),
          ...(taken.length === 0 ? {} : { taken: [...taken] }),
          ...(unplannedFor === undefined ? {} : { unplannedFor }),
        },
        aggregate: sheetAggregate(sheet.id),
      });
      router.push(`/live/${sessionId}`);
    } finally {
      setStarting(false);
    }
  };
  const start = (sheet: { id: string; attempt: number }, options: StartOptions = {}) => startOn(sheet, options);
  /** `known`: the person's waiting sheet, for the place, the limits and the care that go with them. */
  const startUnplanned = (known: SheetDto, options: StartOptions = {}) => {
    const sheet: SheetDto = { ...known, id: newId(), attempt: 0, state: 'loose', items: [], blocks: [], leftOff: [], gaveUp: [] };
    client.setQueryData(keyOf('getSheet', { params: { sheetId: sheet.id } }), sheet);
    const composing = client.getQueryData(keyOf('getComposing', { params: { sheetId: known.id } }));
    if (composing) client.setQueryData(keyOf('getComposing', { params: { sheetId: sheet.id } }), composing);
    return startOn(sheet, options, known.personId);
  };
  return { start, startUnplanned, isReady: writer.isReady && !isStarting };
};

/** Where a sheet's session stands, with what this device has not sent yet. */
export const useSheetProgress = (sheet: { id: string; attempt: number } | null, liveSessionId: SessionId | null) => {
  const commands = useCommands();
  return sheet ? progressOfSheet(sheet, liveSessionId, commands) : { attempt: 0, liveSessionId, finishedSessionId: null };
};
