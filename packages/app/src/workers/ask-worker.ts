/** One question to a worker, and its answer. */
export interface Asked<Question> {
  id: number;
  question: Question;
}
export interface Answered<Answer> {
  id: number;
  answer: Answer;
}

/**
 * A worker as a function. It starts with the first question and again after it fell over; then all that waited for it
 * hear `problem`.
 */
export const askWorker = <Question, Answer>(make: () => Worker, problem: string): ((question: Question) => Promise<Answer>) => {
  let worker: Worker | null = null;
  let count = 0;
  const waiting = new Map<number, { resolve(answer: Answer): void; reject(error: Error): void }>();
  const start = (): Worker => {
    const made = make();
    made.onmessage = ({ data }: MessageEvent<Answered<Answer>>) => {
      waiting.get(data.id)?.resolve(data.answer);
      waiting.delete(data.id);
    };
    made.onerror = () => {
      for (const { reject } of waiting.values()) reject(new Error(problem));
      waiting.clear();
      made.terminate();
      worker = null;
    };
    return made;
  };
  return (question) => {
    worker ??= start();
    count += 1;
    const asked: Asked<Question> = { id: count, question };
    return new Promise((resolve, reject) => {
      waiting.set(asked.id, { resolve, reject });
      worker?.postMessage(asked);
    });
  };
};

/** The worker's side: answers every question by a function. */
export const answerWith = <Question, Answer>(work: (question: Question) => Answer): void => {
  const scope = globalThis as unknown as {
    onmessage: ((event: { data: Asked<Question> }) => void) | null;
    postMessage(reply: Answered<Answer>): void;
  };
  scope.onmessage = ({ data }) => scope.postMessage({ id: data.id, answer: work(data.question) });
};
