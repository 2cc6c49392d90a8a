import { useEffect, useState } from 'react';
import type { SweepQuestion, SweepStep } from '@drubo/core';
import { askSweeps } from '../../workers/ask-sweeps';

export type Sweeps =
  { status: 'working' } | { status: 'done'; answers: readonly SweepStep[][] } | { status: 'failed'; message: string };

/** Answers to the questions, worked out beside the page. The last answers stay until new ones are there. */
export const useSweeps = (questions: readonly SweepQuestion[]): Sweeps => {
  const [state, setState] = useState<Sweeps>({ status: 'working' });
  // Questions are plain values: the same question written again is the same.
  const key = JSON.stringify(questions);
  useEffect(() => {
    let isOld = false;
    askSweeps(JSON.parse(key) as SweepQuestion[]).then(
      (answers) => !isOld && setState({ status: 'done', answers }),
      (error: unknown) =>
        !isOld && setState({ status: 'failed', message: error instanceof Error ? error.message : 'It could not be worked out.' }),
    );
    return () => {
      isOld = true;
    };
  }, [key]);
  return state;
};
