import type { SheetId } from '@drubo/core/vocabulary';
import { useState } from 'react';
import type { SessionRecordFields } from '@drubo/contracts';
import { newId } from '../../data/ids';
import { sheetAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { storageTrouble } from '../../data/offline/storage-trouble';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.useKeeping;

/** Something just changed about the session, and how to take it back. */
export interface LastChange {
  text: string;
  undo(): void;
}

/** Keeps what is logged of a running session on this device, and says when that did not work or how to take it back. */
export const useKeeping = (session: { id: string; sheetId: SheetId }) => {
  const writer = useWriter();
  const [problem, setProblem] = useState<string | null>(null);
  const [lastChange, setLastChange] = useState<LastChange | null>(null);

  /** Whether a write is safe on this device. When it is not, the pad stays as it is and the trainer is told. */
  const isKept = async (write: () => Promise<void>): Promise<boolean> => {
    try {
      await write();
      setProblem(null);
      return true;
    } catch (error) {
      setProblem(storageTrouble(error));
      return false;
    }
  };

  const keepRecord = (recordId: string, fields: SessionRecordFields, removed = false) =>
    isKept(() =>
      writer.log({
        endpointId: 'saveSessionRecord',
        params: { sessionId: session.id, recordId },
        body: { madeAt: new Date().toISOString(), removed, fields },
        aggregate: sheetAggregate(session.sheetId),
      }),
    );

  /**
   * Keeps changes of the day, all with one undo, and says in a line what was done. Whether all were kept: those kept before
   * one that wasn't stand, are said so, and can be taken back.
   */
  const changeDay = async (changes: readonly SessionRecordFields[], text: string): Promise<boolean> => {
    const kept: { id: string; fields: SessionRecordFields }[] = [];
    for (const fields of changes) {
      const id = newId();
      if (!(await keepRecord(id, fields))) break;
      kept.push({ id, fields });
    }
    const isAll = kept.length === changes.length;
    const undo = () => {
      setLastChange(null);
      void Promise.all([...kept].reverse().map(({ id, fields }) => keepRecord(id, fields, true)));
    };
    if (kept.length > 0) setLastChange({ text: isAll ? text : words.inPart(text), undo });
    return isAll;
  };

  return { writer, problem, lastChange, setLastChange, isKept, keepRecord, changeDay };
};
