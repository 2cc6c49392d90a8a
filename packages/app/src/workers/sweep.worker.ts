import { sweep } from '@drubo/core/posture';
import type { SweepQuestion } from '@drubo/core/posture';
import { answerWith } from './ask-worker';

answerWith((questions: readonly SweepQuestion[]) => questions.map(sweep));
