import type { SweepQuestion, SweepStep } from '@drubo/core';
import type { SweepReply, SweepRequest } from './sweep.worker';

let worker: Worker | null = null;
let count = 0;
const waiting = new Map<number, { resolve(answers: readonly SweepStep[][]): void; reject(error: Error): void }>();

const start = (): Worker => {
  const made = new Worker(new URL('./sweep.worker', import.meta.url));
  made.onmessage = ({ data }: MessageEvent<SweepReply>) => {
    waiting.get(data.id)?.resolve(data.answers);
    waiting.delete(data.id);
  };
  made.onerror = ({ message }) => {
    for (const { reject } of waiting.values()) reject(new Error(`The comparison could not be worked out: ${message}`));
    waiting.clear();
    // The next question starts a fresh one.
    made.terminate();
    worker = null;
  };
  return made;
};

/** Movements at every depth, worked out in a web worker so that the page stays free. */
export const askSweeps = (questions: readonly SweepQuestion[]): Promise<readonly SweepStep[][]> => {
  worker ??= start();
  count += 1;
  const request: SweepRequest = { id: count, questions };
  return new Promise((resolve, reject) => {
    waiting.set(request.id, { resolve, reject });
    worker?.postMessage(request);
  });
};
