import { expose } from 'comlink';
import { askWorker } from './ask-worker';

/** A worker on a channel of its own, answering by a function. */
const made: { fall(): void; isEnded: boolean }[] = [];
const aWorker = (answer: (question: number) => unknown): Worker => {
  const { port1, port2 } = new MessageChannel();
  expose(answer, port2);
  const state = {
    isEnded: false,
    fall: () => worker.onerror?.({} as ErrorEvent),
  };
  const worker = Object.assign(port1, {
    onerror: null as ((event: ErrorEvent) => void) | null,
    terminate: () => {
      state.isEnded = true;
      port1.close();
      port2.close();
    },
  });
  made.push(state);
  return worker as unknown as Worker;
};
afterEach(() => {
  for (const { fall, isEnded } of made.splice(0)) if (!isEnded) fall();
});

describe('a worker as a function', () => {
  it('starts with the first question, once, and answers each its own', async () => {
    const ask = askWorker<number, number>(() => aWorker((question) => question * 2), 'failed');
    expect(made).toHaveLength(0);
    expect(await Promise.all([ask(1), ask(2), ask(21)])).toEqual([2, 4, 42]);
    expect(made).toHaveLength(1);
  });

  it('fallen over, all that waited hear of it, and the next question starts another', async () => {
    let isStuck = true;
    const answer = (question: number) => (isStuck ? new Promise(() => undefined) : question + 1);
    const ask = askWorker<number, number>(() => aWorker(answer), 'It could not be worked out.');
    const waiting = Promise.allSettled([ask(1), ask(2)]);
    made[0]!.fall();
    expect(await waiting).toMatchObject([
      { status: 'rejected', reason: { message: 'It could not be worked out.' } },
      { status: 'rejected' },
    ]);
    expect(made[0]!.isEnded).toBe(true);
    isStuck = false;
    expect(await ask(3)).toBe(4);
    expect(made).toHaveLength(2);
  });

  it('a question that cannot be answered is refused, and the worker goes on', async () => {
    const ask = askWorker<number, number>(
      () =>
        aWorker((question) => {
          if (question < 0) throw new Error('below nothing');
          return question;
        }),
      'failed',
    );
    await expect(ask(-1)).rejects.toThrow('below nothing');
    expect(await ask(5)).toBe(5);
    expect(made).toHaveLength(1);
  });
});
