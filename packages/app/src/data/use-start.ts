import { useRouter } from 'expo-router';
import { useState } from 'react';
import { sessionIdFor } from '@drubo/contracts';
import { progressOfSheet, sheetAggregate } from './offline/overlay';
import { useCommands, useWriter } from './offline/QueueProvider';

/** Starts a sheet's session and goes to it. Works without a network; starting twice joins the one session. */
export const useStart = () => {
  const router = useRouter();
  const writer = useWriter();
  const [isStarting, setStarting] = useState(false);
  const start = async (sheet: { id: string; attempt: number }) => {
    setStarting(true);
    const sessionId = sessionIdFor(sheet.id, sheet.attempt);
    try {
      await writer.log({
        endpointId: 'startSession',
        params: { sessionId },
        body: { sheetId: sheet.id, startedAt: new Date().toISOString() },
        aggregate: sheetAggregate(sheet.id),
      });
      router.push(`/live/${sessionId}`);
    } finally {
      setStarting(false);
    }
  };
  return { start, isReady: writer.isReady && !isStarting };
};

/** Where a sheet's session stands, with what this device has not sent yet. */
export const useSheetProgress = (sheet: { id: string; attempt: number } | null, liveSessionId: string | null) => {
  const commands = useCommands();
  return sheet ? progressOfSheet(sheet, liveSessionId, commands) : { attempt: 0, liveSessionId, finishedSessionId: null };
};
