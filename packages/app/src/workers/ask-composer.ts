import type { KitId } from '@drubo/core/vocabulary';
import type { ComposingDto } from '@drubo/contracts';
import type { Composition, Wish } from '@drubo/core/composing';
import type { SheetPlan } from '@drubo/core/loop';
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

/** A day of a plan: `from` says what the plan has for it. */
export interface PlanDayQuestion {
  from: ComposingDto;
  kitId: KitId | null;
  /** What its shape goes on from. */
  last: Pick<SheetPlan, 'shape' | 'splitDay' | 'minutesBudget' | 'kitId'>;
}

/** A session composed in a web worker, with or without a network. */
const ask = askWorker<ComposeQuestion | PlanDayQuestion, Composition | SheetPlan>(
  () => new Worker(require.unstable_resolveWorker('./compose.worker')),
  words.theSessionCouldNot,
);

export const askComposer = async (question: ComposeQuestion): Promise<Composition> => (await ask(question)) as Composition;

/** The sheet a day of a plan would get, with or without a network. */
export const askPlanDay = async (question: PlanDayQuestion): Promise<SheetPlan> => (await ask(question)) as SheetPlan;
