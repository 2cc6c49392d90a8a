import { sweep } from '@drubo/core/posture';
import type { SweepQuestion, SweepStep } from '@drubo/core/posture';

/** What the page asks, and what it gets: the numbers of a comparison, worked out away from the page. */
export interface SweepRequest {
  id: number;
  questions: readonly SweepQuestion[];
}
export interface SweepReply {
  id: number;
  answers: readonly SweepStep[][];
}

const scope = globalThis as unknown as {
  onmessage: ((event: { data: SweepRequest }) => void) | null;
  postMessage(reply: SweepReply): void;
};

scope.onmessage = ({ data }) => scope.postMessage({ id: data.id, answers: data.questions.map(sweep) });
