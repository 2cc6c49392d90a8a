import type { SweepQuestion, SweepStep } from '@drubo/core';
import { askWorker } from './ask-worker';
import { workersWords } from '@drubo/words/screens/workers';

const words = workersWords.askSweeps;

/**
 * The bundler's own way of naming a worker's file. `new URL('./x', import.meta.url)` is rewritten only in its first pass,
 * so with tree shaking on it names a file that is never made.
 */
declare const require: { unstable_resolveWorker(module: string): string };

/** Movements at every depth, worked out in a web worker so that the page stays free. */
export const askSweeps = askWorker<readonly SweepQuestion[], readonly SweepStep[][]>(
  () => new Worker(require.unstable_resolveWorker('./sweep.worker')),
  words.theComparisonCouldNot,
);
