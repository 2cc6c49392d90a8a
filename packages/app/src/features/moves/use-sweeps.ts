import { useEffect, useState } from 'react';
import type { SweepQuestion, SweepStep } from '@drubo/core';
import { askSweeps } from '../../workers/ask-sweeps';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.useSweeps;

/** What is known of the questions. An answer is missing where nothing of that movement at those settings is there yet. */
export type Sweeps =
  | { status: 'working' }
  | { status: 'done'; answers: readonly (SweepStep[] | undefined)[] }
  | { status: 'failed'; message: string };

type Known =
  | { status: 'working' }
  | { status: 'done'; of: readonly SweepQuestion[]; answers: readonly SweepStep[][] }
  | { status: 'failed'; message: string };

/** Whether an answer may stand under a question's name while another is worked out: the movement and its settings are the same. */
const isAbout = (asked: SweepQuestion | undefined, now: SweepQuestion): boolean =>
  asked !== undefined && JSON.stringify([asked.source, asked.values]) === JSON.stringify([now.source, now.values]);

/**
 * Answers to the questions, worked out beside the page. While a body or a load changes the last answers stay until new ones are there;
 * never under another movement's name.
 */
export const useSweeps = (questions: readonly SweepQuestion[]): Sweeps => {
  const [state, setState] = useState<Known>({ status: 'working' });
  // Questions are plain values: the same question written again is the same.
  const key = JSON.stringify(questions);
  useEffect(() => {
    let isOld = false;
    const of = JSON.parse(key) as SweepQuestion[];
    askSweeps(of).then(
      (answers) => !isOld && setState({ status: 'done', of, answers }),
      (error: unknown) =>
        !isOld && setState({ status: 'failed', message: error instanceof Error ? error.message : words.itCouldNotBe }),
    );
    return () => {
      isOld = true;
    };
  }, [key]);
  if (state.status !== 'done') return state;
  return {
    status: 'done',
    answers: questions.map((question, at) => (isAbout(state.of[at], question) ? state.answers[at] : undefined)),
  };
};
