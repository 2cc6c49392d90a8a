import { useState } from 'react';
import { RefusedError } from './api';
import { useWriter } from './offline/QueueProvider';
import type { RequestWithoutLine } from './offline/types';
import { refusalText } from './refusal';

/** Sends forms of one line of writes, and holds why the last one was refused. */
export interface Sender {
  isReady: boolean;
  isBusy: boolean;
  problem: string | null;
  clearProblem(): void;
  /** False where it was refused, with why in `problem`. */
  send(request: RequestWithoutLine): Promise<boolean>;
}

export const useSend = (aggregate: string): Sender => {
  const writer = useWriter();
  const [problem, setProblem] = useState<string | null>(null);
  const [open, setOpen] = useState(0);
  const send = async (request: RequestWithoutLine): Promise<boolean> => {
    setProblem(null);
    setOpen((count) => count + 1);
    try {
      await writer.save({ ...request, aggregate });
      return true;
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setProblem(refusalText(error.reply));
      return false;
    } finally {
      setOpen((count) => count - 1);
    }
  };
  return { isReady: writer.isReady, isBusy: open > 0, problem, clearProblem: () => setProblem(null), send };
};
