import { expose, wrap } from 'comlink';
import type { Remote } from 'comlink';

interface Running<Question, Answer> {
  answer: Remote<(question: Question) => Answer>;
  /** Rejects once the worker has fallen over. */
  fallen: Promise<never>;
}

/**
 * A worker as a function. It starts with the first question and again after it fell over; then all that waited for it
 * hear `problem`.
 */
export const askWorker = <Question, Answer>(make: () => Worker, problem: string): ((question: Question) => Promise<Answer>) => {
  let running: Running<Question, Answer> | null = null;
  const start = (): Running<Question, Answer> => {
    const worker = make();
    const fallen = new Promise<never>((_, reject) => {
      worker.onerror = () => {
        worker.terminate();
        running = null;
        reject(new Error(problem));
      };
    });
    // Whoever waits hears of it; nobody waiting is no error.
    fallen.catch(() => undefined);
    return { answer: wrap<(question: Question) => Answer>(worker), fallen };
  };
  return async (question) => {
    running ??= start();
    const { answer, fallen } = running;
    return (await Promise.race([answer(question as never), fallen])) as Answer;
  };
};

/** The worker's side: answers every question by a function. */
export const answerWith = <Question, Answer>(work: (question: Question) => Answer): void => expose(work);
