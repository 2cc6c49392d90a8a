import type { KitId } from '@drubo/core/vocabulary';
import type { ComposingDto } from '@drubo/contracts';
import type { Composition, Wish } from '@drubo/core/composing';
import { askWorker } from './ask-worker';
import { workersWords } from '@drubo/words/screens/workers';

const words = workersWords.askComposer;

/** See `ask-sweeps`: how the bundler names a worker's file. */
declare const require: { unstable_resolveWorker(module: string): string };

export interface ComposeQuestion {
  from: ComposingDto;
  /** Where it is trained; null: at the usual place. */
  kitId: KitId | null;
  wish: Wish;
}

/** A session composed in a web worker, with or without a network. */
export const askComposer = askWorker<ComposeQuestion, Composition>(
  () => new Worker(require.unstable_resolveWorker('./compose.worker')),
  words.theSessionCouldNot,
);
