import type { SweepQuestion, SweepStep } from '@drubo/core';
import type { SweepReply, SweepRequest } from './sweep.worker';

/**
 * The bundler's own way of naming a worker's file. `new URL('./x', import.meta.url)` is rewritten only in its first pass,
 * so with tree shaking on it names a file that is never made.
 */
declare const require: { unstable_resolveWorker(module: string): string };

let worker: Worker | null = null;
let count = 0;
const waiting = new Map<number, { resolve(answers: readonly SweepStep[][]): void; reject(error: Error): void }>();

const start = (): Worker => {
  const made = new Worker(require.unstable_resolveWorker('./sweep.worker'));
  made.onmessage = ({ data }: MessageEvent<SweepReply>) => {
    waiting.get(data.id)?.resolve(data.answers);
    waiting.delete(data.id);
  };
  made.onerror = () => {
    for (const { reject } of waiting.values())
      reject(new Error('The comparison could not be worked out. Change something, and it is tried again.'));
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
